import PDFDocument from 'pdfkit';

/** Font sizes from which a text is a title, and a heading: those of the papers. */
const TITLE_PT = 18;
const HEADING_PT = 13;
/** Height of the foot of a sheet, points: what stands there is no content. */
const FOOT_PT = 45;

type Tagging = {
  readonly root: ReturnType<PDFDocument['struct']>;
  /** Where the text that is being written begins, and its element. */
  at: string;
  element: ReturnType<PDFDocument['struct']>;
};
const taggings = new WeakMap<PDFDocument, Tagging>();

/** The structure of a document, in the order in which it is read. */
function taggingOf(doc: PDFDocument): Tagging {
  const known = taggings.get(doc);
  if (known) return known;
  doc.getMarkInfoDictionary().data['Marked'] = true;
  const root = doc.struct('Document');
  doc.addStructure(root);
  const made = { root, at: '', element: root };
  taggings.set(doc, made);
  return made;
}

function roleOf({ _fontSize: size }: PDFDocument): string {
  if (size >= TITLE_PT) return 'H1';
  return size >= HEADING_PT ? 'H2' : 'P';
}

/** Begins a run of letters: as part of the text it stands in, or as no content at the foot of a sheet. */
function begin(doc: PDFDocument): void {
  // the renderer turns the page upside up again before it writes: what is left is how far below its top it is
  const [, , , , , down = 0] = doc._ctm;
  if (doc.page.height + down < FOOT_PT) return void doc.markContent('Artifact', { type: 'Pagination' });
  const tagging = taggingOf(doc);
  // the renderer saves its place before each line of a text, and before each run of it
  const at = JSON.stringify([doc.page.height, doc._ctmStack.at(-2)]);
  if (at !== tagging.at) {
    tagging.element = doc.struct(roleOf(doc));
    tagging.root.add(tagging.element);
    tagging.at = at;
  }
  tagging.element.add(doc.markStructureContent(roleOf(doc)));
}

let isOn = false;
/**
 * Has every text of a document tagged as what it is (PDF 1.7, 14.8): titles, headings, paragraphs, in the order in which they are read.
 * The renderer has no way to say it; it is heard from the operators that begin and end a text.
 */
export function tagTexts(): void {
  if (isOn) return;
  isOn = true;
  const plain = PDFDocument.prototype.addContent;
  PDFDocument.prototype.addContent = function (this: PDFDocument, data: string) {
    if (data === 'BT') begin(this);
    plain.call(this, data);
    if (data === 'ET') this.endMarkedContent();
    return this;
  };
}

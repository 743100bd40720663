/** What is used of pdfkit beside the renderer, which draws with it. */
declare module 'pdfkit' {
  type Structure = { readonly add: (child: unknown) => Structure };
  class PDFDocument {
    addContent(data: string): this;
    markContent(tag: string, options?: { readonly type: string }): this;
    markStructureContent(tag: string): unknown;
    endMarkedContent(): this;
    struct(type: string): Structure;
    addStructure(element: Structure): this;
    getMarkInfoDictionary(): { readonly data: Record<string, unknown> };
    readonly page: { readonly height: number };
    readonly _fontSize: number;
    readonly _ctm: readonly number[];
    readonly _ctmStack: readonly (readonly number[])[];
  }
  export = PDFDocument;
}

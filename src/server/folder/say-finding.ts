import { counted } from '@/core/base/words';
import type { Finding } from './finding';

const LOOK = 'Look at the disk before long, and keep a copy elsewhere.';

/** At most so many are named. */
const NAMED = 5;

function sayAgain({ saved, pictures, refused, fewer, aside }: Extract<Finding, { kind: 'saved-again' }>): string {
  const named = refused.slice(0, NAMED).map((r) => `${r.name} of ${r.at} (${r.why})`);
  const rows = Object.entries(fewer).map(([table, n]) => `${n} of ${table}`);
  return [
    `The journal ended before the database did: it had been shortened. ${counted(saved + refused.length, 'entry', 'entries')} stood in the database alone: ${saved} ${saved === 1 ? 'fits and stands' : 'fit and stand'} in the journal again`,
    pictures > 0 ? `, and ${counted(pictures, 'picture')} with ${pictures === 1 ? 'its' : 'their'} file` : '',
    refused.length > 0 ? `; ${refused.length} could not be saved: ${named.join('; ')}${refused.length > NAMED ? ' …' : ''}` : '',
    rows.length > 0 ? `; rows that are not here: ${rows.join(', ')}` : '',
    '.',
    aside === '' ? '' : ` The database as it was found is kept as ${aside}.`,
    ` ${LOOK}`,
  ].join('');
}

function sayMissing(missing: number | null): string {
  if (missing === 0) return 'everything that was shown as saved is here.';
  if (missing === null) return 'what the journal has is here; whether it was cut short cannot be told.';
  return `the journal ends ${counted(missing, 'entry', 'entries')} before the database did.`;
}

function sayReadOnly({ freeBytes, neededBytes, forWhat }: Extract<Finding, { kind: 'read-only' }>): string {
  const [left, needed] = [freeBytes, neededBytes].map((bytes) => Math.round(bytes / 1e6));
  const why = forWhat === '' ? 'must stay free for what is written' : `are needed ${forWhat}`;
  return `The disk is nearly full: ${left} MB are left, and ${needed} MB ${why}. Everything that was saved can be read; nothing can be saved. Make room on the disk, then stop Elm Swatch and start it again.`;
}

/** What was found when the folder was opened, for the person. */
export function sayFinding(finding: Finding): string {
  switch (finding.kind) {
    case 'torn':
      if (!finding.sure)
        return 'The last line of the journal was cut off, and was left out. Whether more had stood there cannot be told from it alone.';
      return 'Elm Swatch was cut off while it wrote. What it was writing had not been shown as saved, and was left out; everything that was is here.';
    case 'remade':
      return `The database was damaged. It was set aside${finding.aside === '' ? '' : ` as ${finding.aside}`} and made anew from the journal: ${sayMissing(finding.missing)} ${LOOK}`;
    case 'saved-again':
      return sayAgain(finding);
    case 'copy-knows-more':
      return `The newest copy, copies/${finding.copy}, ends ${counted(finding.entries, 'entry', 'entries')} later than what is here. To have them: bin/restore FOLDER/copies/${finding.copy} --data NEW-FOLDER. ${LOOK}`;
    case 'kept-knows-more':
      return `The database that was kept when Elm Swatch was closed last ends ${counted(finding.entries, 'entry', 'entries')} later than the journal: it is kept as ${finding.aside}. ${LOOK}`;
    case 'not-asked':
      return `Elm Swatch was not stopped as usual, and the database it left cannot be read (${finding.why}): it is kept as ${finding.aside}. What is here is what the journal has, ${counted(finding.lines, 'entry', 'entries')}. ${LOOK}`;
    case 'read-only':
      return sayReadOnly(finding);
    case 'rewritten':
      return `The journal was missing, damaged or cut short, and was written anew from the database, which was whole${finding.aside === undefined ? '' : `; what was left of it is kept as ${finding.aside}`}. ${LOOK}`;
  }
}

import type { Finding } from './open-folder';

/** What was found when the folder was opened, for the person. */
export function sayFinding(finding: Finding): string {
  switch (finding.kind) {
    case 'torn':
      return 'Elm Swatch was cut off while it wrote. What it was writing had not been shown as saved, and was left out; everything that was is here.';
    case 'remade':
      return `The database was damaged. It was set aside${finding.aside === '' ? '' : ` as ${finding.aside}`} and made anew from the journal: everything that was shown as saved is here. Look at the disk before long, and keep a copy elsewhere.`;
    case 'rewritten':
      return `The journal was missing or cut short, and was written anew from the database, which was whole${finding.aside === undefined ? '' : `; what was left of it is kept as ${finding.aside}`}. Look at the disk before long, and keep a copy elsewhere.`;
  }
}

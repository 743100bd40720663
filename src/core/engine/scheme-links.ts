import { NO_FAULT } from '../companions/companion';
import type { Role } from '../companions/roles';
import type { Reason } from '../judge/reasons';
import { VERDICTS } from '../judge/reasons';
import type { WeighedLight } from '../judge/room-cells';
import type { Thing } from '../record/thing';
import { isCloth, SCHEME_PART_WORDS, type ProposedLink, type SchemePart } from '../scheme/parts';
import type { JudgedStay } from './judgement-protocol';
import type { Option } from './scheme-parts';
import { worstBeside } from './worst-beside';

/** A part as it is chosen. */
export type Chosen = { readonly part: SchemePart; readonly option: Option };

const faultless = (role: Role): readonly Reason[] =>
  NO_FAULT[role.startsWith('fabric') ? 'fabric' : (role as keyof typeof NO_FAULT)];

/** What a part is judged beside: what it touches, and what it is only seen with. */
type Beside = 'walls' | 'part' | 'stay' | 'below';

const SMALL: readonly Reason[] = ['too-strong', 'too-dark', 'too-light', 'too-close'];
/** A white above is the usual one, however old the floor under it looks beside it: nobody holds them together. Common practice. */
const OVERHEAD: readonly Reason[] = ['dates-it', 'reads-dirty'];

/** What is no fault of a part beside what: small things may be strong, paints of one job may blend with what they are not held against. */
function noFault({ part, option }: Chosen, beside: Beside): readonly Reason[] {
  if (part === 'walls') return [];
  const faults = new Set<Reason>(faultless(option.role));
  const add = (reasons: readonly Reason[]) => reasons.forEach((r) => faults.add(r));
  if (part === 'small' || part === 'accent') add(SMALL);
  if (part === 'trim' || part === 'ceiling' || part === 'door' || isCloth(part)) add(['too-weak', 'too-light']);
  if (part === 'ceiling' && beside === 'below') add(OVERHEAD);
  if (beside !== 'walls') add(['too-close']);
  return [...faults];
}

/** A part as something that another is judged beside: paint of the same job shares, cloth and what answers may answer. */
function asThing({ part, option }: Chosen, answers: boolean): JudgedStay {
  const lively = answers || option.answers;
  const component = { id: part, lab: option.lab, spectrum: Array.from(option.reflectance), name: part, share: 1 };
  return {
    id: part,
    name: SCHEME_PART_WORDS[part],
    kind: isCloth(part) || lively ? 'furnishing' : 'painted',
    school: lively ? 'answer' : 'share',
    components: [component],
  };
}

/** What lies or stands where the ceiling does not reach. */
const BELOW: ReadonlySet<Thing> = new Set(['floor', 'rug', 'sofa', 'worktop', 'suite', 'hearth']);

/** The order in which parts rule: the later is judged beside the earlier. */
const RULES: readonly SchemePart[] = ['walls', 'large', 'focal', 'below', 'ceiling', 'trim', 'door', 'small', 'accent'];

/** Judges every two of a scheme that are seen together, in the lights of a room. What was judged is not judged again. */
export function linkJudge(stays: readonly (JudgedStay & { readonly thing: Thing })[], lights: readonly WeighedLight[]) {
  const judges = new Map<string, ReturnType<typeof worstBeside>>();
  const known = new Map<string, ProposedLink>();

  function link(one: Chosen, thing: JudgedStay, { key, name, beside }: { key: string; name: string; beside: Beside }) {
    const faults = noFault(one, beside);
    const { l, a, b } = one.option.lab;
    const judgeKey = `${key} ${faults.join()}`;
    const linkKey = `${judgeKey} ${one.part} ${l} ${a} ${b}`;
    const before = known.get(linkKey);
    if (before) return before;
    const judge = judges.get(judgeKey) ?? worstBeside([thing], lights, (reason) => faults.includes(reason));
    judges.set(judgeKey, judge);
    const worst = judge(Float64Array.from(one.option.reflectance)).reduce((p, q) =>
      VERDICTS.indexOf(q.verdict) - VERDICTS.indexOf(p.verdict) > 0 || (q.verdict === p.verdict && q.cost > p.cost) ? q : p,
    );
    const works = worst.verdict === 'works';
    const found: ProposedLink = {
      between: [SCHEME_PART_WORDS[one.part], name],
      verdict: worst.verdict,
      reason: works ? null : worst.reason,
      light: works ? null : worst.kind,
      cost: worst.cost,
    };
    known.set(linkKey, found);
    return found;
  }

  const besideStays = (one: Chosen): ProposedLink[] =>
    stays.map((stay) =>
      link(one, stay, { key: `stay ${stay.id}`, name: stay.name, beside: BELOW.has(stay.thing) ? 'below' : 'stay' }),
    );
  function between(p: Chosen, q: Chosen): ProposedLink {
    const [thing, one] = RULES.indexOf(p.part) < RULES.indexOf(q.part) ? [p, q] : [q, p];
    const { l, a, b } = thing.option.lab;
    const answers = one.option.answers;
    const key = `part ${thing.part} ${l} ${a} ${b} ${answers}`;
    return link(one, asThing(thing, answers), {
      key,
      name: SCHEME_PART_WORDS[thing.part],
      beside: thing.part === 'walls' ? 'walls' : 'part',
    });
  }
  return {
    /** Links of one part with what stays and with those that are chosen. */
    linksOf: (one: Chosen, others: readonly Chosen[]): ProposedLink[] => [
      ...besideStays(one),
      ...others.map((o) => between(one, o)),
    ],
  };
}

import type { StayKind } from '../judge/kinds';
import type { StayFace } from '@/core/record/stay';
import type { Thing } from '@/core/record/thing';

/** What a thing usually is when it is begun: fixed or not, and where it lies. In the order in which it is asked. */
export const USUAL_THINGS = [
  { id: 'floor', kind: 'fixed', lies: 'floor', cover: 1 },
  { id: 'worktop', kind: 'fixed', lies: null, cover: 1 },
  { id: 'tile', kind: 'fixed', lies: null, cover: 1 },
  { id: 'cabinets', kind: 'fixed', lies: null, cover: 1 },
  { id: 'built-in', kind: 'fixed', lies: null, cover: 1 },
  { id: 'trim', kind: 'fixed', lies: null, cover: 1 },
  { id: 'door', kind: 'fixed', lies: null, cover: 1 },
  { id: 'hearth', kind: 'fixed', lies: null, cover: 1 },
  { id: 'suite', kind: 'fixed', lies: null, cover: 1 },
  { id: 'sofa', kind: 'furnishing', lies: null, cover: 1 },
  { id: 'rug', kind: 'furnishing', lies: 'floor', cover: 0.3 },
  { id: 'curtains', kind: 'furnishing', lies: null, cover: 1 },
  { id: 'art', kind: 'artwork', lies: null, cover: 1 },
] as const satisfies readonly {
  readonly id: Thing;
  readonly kind: StayKind;
  readonly lies: StayFace | null;
  readonly cover: number;
}[];
/** What is begun from a choice of materials. */
export type UsualThing = (typeof USUAL_THINGS)[number]['id'];

/** Name of a component, its share in percent, and L*, a*, b* (D65, 10°). */
type Component = readonly [name: string, percent: number, l: number, a: number, b: number];
export type Material = {
  readonly of: UsualThing;
  readonly id: string;
  readonly name: string;
  readonly components: readonly Component[];
};

/**
 * What things of each kind are usually made of, to begin from and to correct by eye. Typical values, from memory; every home's own differ.
 */
// prettier-ignore
export const MATERIALS: readonly Material[] = [
  { of: 'floor', id: 'oak-oiled', name: 'Oak, oiled', components: [['board', 75, 60, 8, 24], ['grain', 25, 51, 9, 22]] },
  { of: 'floor', id: 'oak-pale', name: 'Oak, pale or limed', components: [['board', 80, 76, 3, 15], ['grain', 20, 68, 4, 16]] },
  { of: 'floor', id: 'oak-smoked', name: 'Oak, smoked', components: [['board', 75, 40, 7, 15], ['grain', 25, 32, 6, 11]] },
  { of: 'floor', id: 'oak-orange', name: 'Oak, orange varnish', components: [['board', 75, 56, 15, 33], ['grain', 25, 46, 15, 29]] },
  { of: 'floor', id: 'walnut', name: 'Walnut', components: [['board', 70, 38, 9, 15], ['grain', 30, 29, 7, 10]] },
  { of: 'floor', id: 'pine-aged', name: 'Pine, yellowed', components: [['board', 85, 68, 11, 37], ['knot', 15, 50, 14, 31]] },
  { of: 'floor', id: 'ash-grey', name: 'Grey-washed boards', components: [['board', 75, 63, 1, 7], ['grain', 25, 54, 1, 7]] },
  { of: 'floor', id: 'herringbone', name: 'Parquet, mid brown', components: [['board', 60, 48, 11, 22], ['grain', 40, 42, 11, 19]] },
  { of: 'floor', id: 'travertine-floor', name: 'Travertine', components: [['field', 75, 78, 4, 13], ['vein', 20, 70, 6, 15], ['pore', 5, 60, 6, 15]] },
  { of: 'floor', id: 'limestone-floor', name: 'Limestone', components: [['field', 85, 80, 1, 9], ['fleck', 15, 72, 2, 10]] },
  { of: 'floor', id: 'slate-floor', name: 'Slate, grey', components: [['slate', 80, 45, -1, -2], ['cloud', 20, 51, 0, 0]] },
  { of: 'floor', id: 'slate-green', name: 'Slate, green-grey', components: [['slate', 80, 43, -4, 2], ['cloud', 20, 49, -3, 4]] },
  { of: 'floor', id: 'terracotta-floor', name: 'Terracotta tiles', components: [['tile', 60, 53, 22, 28], ['second tile', 28, 59, 19, 27], ['grout', 12, 72, 3, 9]] },
  { of: 'floor', id: 'porcelain-grey', name: 'Porcelain, mid grey', components: [['tile', 94, 60, 0, 1], ['grout', 6, 68, 0, 2]] },
  { of: 'floor', id: 'porcelain-beige', name: 'Porcelain, beige', components: [['tile', 94, 74, 4, 12], ['grout', 6, 68, 3, 10]] },
  { of: 'floor', id: 'concrete', name: 'Concrete, polished', components: [['field', 75, 62, 0, 3], ['cloud', 25, 56, 0, 3]] },
  { of: 'floor', id: 'carpet-oatmeal', name: 'Carpet, oatmeal', components: [['pile', 75, 73, 2, 11], ['fleck', 25, 64, 3, 11]] },
  { of: 'floor', id: 'carpet-grey', name: 'Carpet, warm grey', components: [['pile', 80, 59, 1, 4], ['fleck', 20, 52, 1, 4]] },
  { of: 'floor', id: 'carpet-beige', name: 'Carpet, pinkish beige', components: [['pile', 100, 70, 5, 13]] },
  { of: 'floor', id: 'vinyl-check', name: 'Black and white tiles', components: [['white tile', 50, 90, 0, 3], ['black tile', 50, 18, 0, 0]] },
  { of: 'worktop', id: 'marble-white', name: 'Marble, white with grey veins', components: [['field', 82, 90, 0, 1], ['vein', 18, 68, 0, -1]] },
  { of: 'worktop', id: 'marble-gold', name: 'Marble, white with gold veins', components: [['field', 80, 91, 0, 4], ['vein', 12, 73, 0, 2], ['gold vein', 8, 70, 5, 22]] },
  { of: 'worktop', id: 'granite-black', name: 'Granite, black', components: [['field', 85, 16, 0, -1], ['fleck', 15, 38, 0, -1]] },
  { of: 'worktop', id: 'granite-speckled', name: 'Granite, pink and grey flecks', components: [['field', 45, 66, 3, 6], ['grey fleck', 30, 48, 0, 0], ['pink fleck', 15, 64, 11, 12], ['dark fleck', 10, 22, 0, 0]] },
  { of: 'worktop', id: 'granite-green', name: 'Granite, dark with green flecks', components: [['field', 65, 26, -2, 1], ['green fleck', 25, 38, -7, 5], ['gold fleck', 10, 55, 3, 20]] },
  { of: 'worktop', id: 'granite-violet', name: 'Granite, dark with violet flecks', components: [['field', 65, 27, 2, -1], ['violet fleck', 25, 38, 6, -4], ['grey fleck', 10, 58, 1, -1]] },
  { of: 'worktop', id: 'granite-gold', name: 'Granite, gold and brown', components: [['field', 50, 66, 6, 22], ['brown fleck', 30, 45, 9, 19], ['dark fleck', 20, 25, 2, 4]] },
  { of: 'worktop', id: 'quartz-white', name: 'Composite, clean white', components: [['field', 95, 93, 0, 1], ['fleck', 5, 82, 0, 0]] },
  { of: 'worktop', id: 'quartz-grey', name: 'Composite, grey', components: [['field', 90, 62, 0, 0], ['fleck', 10, 48, 0, 0]] },
  { of: 'worktop', id: 'travertine-top', name: 'Travertine', components: [['field', 75, 78, 4, 13], ['vein', 20, 70, 6, 15], ['pore', 5, 60, 6, 15]] },
  { of: 'worktop', id: 'soapstone', name: 'Soapstone', components: [['field', 88, 36, -2, -1], ['vein', 12, 58, -1, 0]] },
  { of: 'worktop', id: 'oak-top', name: 'Oak block', components: [['board', 70, 60, 9, 26], ['grain', 30, 53, 10, 25]] },
  { of: 'tile', id: 'subway-white', name: 'White glazed tiles', components: [['tile', 92, 94, 0, 1], ['grout', 8, 85, 0, 2]] },
  { of: 'tile', id: 'subway-cream', name: 'Cream glazed tiles', components: [['tile', 92, 88, 1, 13], ['grout', 8, 80, 1, 9]] },
  { of: 'tile', id: 'zellige-green', name: 'Green hand-made tiles', components: [['tile', 55, 52, -16, 8], ['second tile', 35, 46, -15, 9], ['grout', 10, 78, 0, 5]] },
  { of: 'tile', id: 'tile-pink', name: 'Pink bathroom tiles', components: [['tile', 94, 76, 14, 6], ['grout', 6, 86, 1, 4]] },
  { of: 'tile', id: 'tile-beige', name: 'Beige stone-look tiles', components: [['tile', 80, 75, 5, 13], ['cloud', 14, 69, 6, 15], ['grout', 6, 68, 3, 10]] },
  { of: 'tile', id: 'tile-blue', name: 'Blue and white tiles', components: [['white tile', 60, 90, 0, 2], ['blue tile', 32, 42, 2, -28], ['grout', 8, 84, 0, 2]] },
  { of: 'tile', id: 'mosaic-grey', name: 'Grey mosaic', components: [['tile', 45, 64, 0, 0], ['second tile', 35, 54, 0, -1], ['grout', 20, 78, 0, 1]] },
  { of: 'hearth', id: 'brick-red', name: 'Red brick', components: [['brick', 60, 46, 20, 20], ['second brick', 24, 39, 17, 16], ['mortar', 16, 70, 1, 7]] },
  { of: 'hearth', id: 'brick-yellow', name: 'Yellow stock brick', components: [['brick', 62, 64, 6, 23], ['second brick', 22, 56, 8, 22], ['mortar', 16, 70, 1, 8]] },
  { of: 'hearth', id: 'brick-painted', name: 'Brick, painted white', components: [['paint', 100, 91, 0, 4]] },
  { of: 'hearth', id: 'sandstone', name: 'Sandstone', components: [['field', 70, 73, 5, 19], ['band', 30, 66, 8, 22]] },
  { of: 'hearth', id: 'hearth-limestone', name: 'Limestone surround', components: [['stone', 85, 82, 1, 9], ['fleck', 15, 74, 2, 11]] },
  { of: 'hearth', id: 'cast-iron', name: 'Cast iron', components: [['iron', 100, 20, 0, 0]] },
  { of: 'hearth', id: 'marble-black', name: 'Marble, black with white veins', components: [['field', 85, 20, 0, -1], ['vein', 15, 78, 0, 1]] },
  { of: 'cabinets', id: 'cab-white', name: 'White', components: [['paint', 100, 94, 0, 2]] },
  { of: 'cabinets', id: 'cab-cream', name: 'Cream', components: [['paint', 100, 90, 0, 13]] },
  { of: 'cabinets', id: 'cab-greige', name: 'Greige', components: [['paint', 100, 74, 1, 7]] },
  { of: 'cabinets', id: 'cab-navy', name: 'Navy', components: [['paint', 100, 28, 0, -16]] },
  { of: 'cabinets', id: 'cab-sage', name: 'Sage green', components: [['paint', 100, 63, -7, 8]] },
  { of: 'cabinets', id: 'cab-oak', name: 'Oak, honey', components: [['board', 75, 59, 12, 32], ['grain', 25, 50, 13, 29]] },
  { of: 'cabinets', id: 'cab-cherry', name: 'Cherry', components: [['board', 75, 40, 22, 24], ['grain', 25, 32, 18, 18]] },
  { of: 'cabinets', id: 'cab-maple', name: 'Maple', components: [['board', 85, 75, 7, 24], ['grain', 15, 68, 8, 25]] },
  { of: 'trim', id: 'trim-bright', name: 'Bright white', components: [['paint', 100, 96, 0, 1]] },
  { of: 'trim', id: 'trim-soft', name: 'Soft white', components: [['paint', 100, 93, 0, 5]] },
  { of: 'trim', id: 'trim-yellowed', name: 'White, yellowed', components: [['paint', 100, 90, 0, 12]] },
  { of: 'trim', id: 'trim-cream', name: 'Cream', components: [['paint', 100, 89, 1, 14]] },
  { of: 'trim', id: 'trim-stained', name: 'Wood, dark stain', components: [['wood', 80, 30, 8, 11], ['grain', 20, 23, 6, 8]] },
  { of: 'trim', id: 'trim-pine', name: 'Pine, varnished', components: [['wood', 80, 60, 13, 36], ['grain', 20, 50, 14, 32]] },
  { of: 'sofa', id: 'linen-natural', name: 'Linen, natural', components: [['cloth', 80, 76, 2, 11], ['thread', 20, 68, 3, 12]] },
  { of: 'sofa', id: 'linen-white', name: 'Linen, white', components: [['cloth', 100, 90, 0, 4]] },
  { of: 'sofa', id: 'wool-grey', name: 'Wool, mid grey', components: [['cloth', 85, 55, 0, 0], ['thread', 15, 46, 0, 0]] },
  { of: 'sofa', id: 'wool-charcoal', name: 'Wool, charcoal', components: [['cloth', 100, 40, 0, -1]] },
  { of: 'sofa', id: 'leather-tan', name: 'Leather, tan', components: [['leather', 100, 50, 19, 33]] },
  { of: 'sofa', id: 'leather-brown', name: 'Leather, dark brown', components: [['leather', 100, 28, 9, 10]] },
  { of: 'sofa', id: 'velvet-green', name: 'Velvet, bottle green', components: [['velvet', 100, 30, -15, 5]] },
  { of: 'sofa', id: 'velvet-teal', name: 'Velvet, teal', components: [['velvet', 100, 36, -15, -10]] },
  { of: 'sofa', id: 'cotton-beige', name: 'Cotton, beige', components: [['cloth', 100, 71, 4, 15]] },
  { of: 'rug', id: 'rug-red', name: 'Patterned, red ground', components: [['ground', 55, 35, 32, 18], ['border', 25, 26, 2, -10], ['pattern', 20, 70, 5, 17]] },
  { of: 'rug', id: 'rug-blue', name: 'Patterned, blue ground', components: [['ground', 55, 37, -1, -18], ['border', 25, 74, 3, 12], ['pattern', 20, 48, 21, 15]] },
  { of: 'rug', id: 'rug-cream', name: 'Cream wool', components: [['wool', 85, 84, 1, 10], ['line', 15, 45, 1, 3]] },
  { of: 'rug', id: 'rug-jute', name: 'Jute', components: [['fibre', 80, 64, 7, 22], ['thread', 20, 55, 8, 21]] },
  { of: 'rug', id: 'rug-grey', name: 'Grey, plain', components: [['wool', 100, 62, 0, 1]] },
  { of: 'curtains', id: 'curtain-white', name: 'White linen', components: [['cloth', 100, 91, 0, 3]] },
  { of: 'curtains', id: 'curtain-linen', name: 'Natural linen', components: [['cloth', 100, 77, 2, 12]] },
  { of: 'curtains', id: 'curtain-stripe', name: 'Blue and white stripe', components: [['white stripe', 60, 89, 0, 3], ['blue stripe', 40, 45, 0, -20]] },
  { of: 'curtains', id: 'curtain-ochre', name: 'Ochre', components: [['cloth', 100, 62, 12, 44]] },
  { of: 'curtains', id: 'curtain-grey', name: 'Grey', components: [['cloth', 100, 60, 0, 0]] },
  { of: 'art', id: 'art-seascape', name: 'Seascape', components: [['sea', 50, 58, -9, -15], ['sand and cloud', 30, 80, 3, 14], ['depth', 20, 30, -6, -14]] },
  { of: 'art', id: 'art-landscape', name: 'Landscape, greens', components: [['field', 45, 52, -12, 24], ['sky', 35, 80, -3, -7], ['trees', 20, 30, -9, 10]] },
  { of: 'art', id: 'art-warm', name: 'Abstract, reds and ochre', components: [['red', 45, 46, 42, 28], ['ochre', 30, 66, 10, 44], ['ground', 25, 86, 2, 12]] },
  { of: 'art', id: 'art-brown', name: 'Old portrait, browns', components: [['ground', 60, 28, 8, 12], ['flesh', 20, 66, 11, 18], ['cloth', 20, 34, 18, 8]] },
  { of: 'art', id: 'art-flowers', name: 'Flowers, pink and green', components: [['ground', 50, 82, 1, 8], ['pink', 30, 66, 28, 6], ['leaves', 20, 48, -14, 16]] },
  { of: 'art', id: 'art-print', name: 'Print, black on white', components: [['paper', 75, 93, 0, 3], ['ink', 25, 20, 0, 0]] },
  { of: 'suite', id: 'sanitary-white', name: 'White bathroom suite', components: [['glaze', 100, 95, -1, 1]] },
  { of: 'suite', id: 'sanitary-cream', name: 'Cream bathroom suite', components: [['glaze', 100, 88, 1, 12]] },
  { of: 'suite', id: 'bath-pink', name: 'Pink bathroom suite', components: [['glaze', 100, 75, 13, 7]] },
  { of: 'suite', id: 'bath-green', name: 'Green bathroom suite', components: [['glaze', 100, 58, -8, 20]] },
  { of: 'suite', id: 'bath-grey', name: 'Grey bathroom suite', components: [['glaze', 100, 70, 0, 2]] },
  { of: 'door', id: 'door-white', name: 'White painted door', components: [['paint', 100, 94, 0, 3]] },
  { of: 'door', id: 'door-black', name: 'Black painted door', components: [['paint', 100, 19, 0, 0]] },
  { of: 'door', id: 'door-oak', name: 'Oak door', components: [['board', 75, 60, 10, 28], ['grain', 25, 51, 11, 25]] },
  { of: 'door', id: 'door-pine', name: 'Pine door, varnished', components: [['board', 80, 61, 13, 36], ['knot', 20, 48, 15, 31]] },
  { of: 'door', id: 'door-dark', name: 'Dark stained door', components: [['board', 80, 30, 9, 11], ['grain', 20, 23, 6, 8]] },
  { of: 'built-in', id: 'shelves-white', name: 'White painted shelves', components: [['paint', 100, 94, 0, 2]] },
  { of: 'built-in', id: 'shelves-cream', name: 'Cream painted shelves', components: [['paint', 100, 89, 1, 13]] },
  { of: 'built-in', id: 'shelves-oak', name: 'Oak shelves', components: [['board', 75, 60, 9, 26], ['grain', 25, 52, 10, 25]] },
  { of: 'built-in', id: 'shelves-pine', name: 'Pine shelves', components: [['board', 80, 66, 12, 36], ['knot', 20, 50, 14, 31]] },
  { of: 'built-in', id: 'shelves-dark', name: 'Dark wood shelves', components: [['board', 80, 31, 9, 11], ['grain', 20, 24, 6, 8]] },
];

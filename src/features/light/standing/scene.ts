import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DataTexture,
  DoubleSide,
  LinearFilter,
  LinearMipmapLinearFilter,
  Mesh,
  MeshBasicMaterial,
  MirroredRepeatWrapping,
  PerspectiveCamera,
  Scene,
  SRGBColorSpace,
  Vector3,
  WebGLRenderer,
} from 'three';
import type { ShownFacet, ShownPiece } from '@/core/engine/standing-face';
import type { StandingAnswer } from '@/core/engine/standing-room';
import { aheadOf, type Stand } from './stand';

/** A picture of the components of a thing: for each place the number of the one that lies there, row by row from the top. */
export type ComponentPicture = { readonly width: number; readonly height: number; readonly labels: Uint8Array };

type Point = readonly [number, number, number];
/** The room's frame is left-handed seen from above (x right, y into the room, z up): three's is right-handed with y up. */
const inScene = ([x, y, z]: Point): Point => [x, z, y];

/** A colour of the screen (0–255) as three keeps it, linear. */
function linear(rgb: ArrayLike<number>, k = 0): Point {
  const { r, g, b } = new Color().setRGB(rgb[k]! / 255, rgb[k + 1]! / 255, rgb[k + 2]! / 255, SRGBColorSpace);
  return [r, g, b];
}
const linearHex = (hex: string): Point => {
  const { r, g, b } = new Color(hex);
  return [r, g, b];
};

/** So far before their face pieces are drawn for each of their layers, metres: they lie in it. */
const BEFORE_M = 0.002;

/** Triangles of one material, gathered. */
class Batch {
  private readonly positions: number[] = [];
  private readonly colours: number[] = [];
  private readonly places: number[] = [];
  private readonly indices: number[] = [];

  add(at: Point, colour: Point, place: readonly [number, number] = [0, 0]): number {
    this.positions.push(...inScene(at));
    this.colours.push(...colour);
    this.places.push(...place);
    return this.positions.length / 3 - 1;
  }
  polygon(corners: readonly number[]): void {
    for (let k = 1; k + 1 < corners.length; k++) this.indices.push(corners[0]!, corners[k]!, corners[k + 1]!);
  }
  geometry(): BufferGeometry {
    const geometry = new BufferGeometry();
    const attribute = (values: number[], of: number) => new BufferAttribute(new Float32Array(values), of);
    geometry.setAttribute('position', attribute(this.positions, 3));
    geometry.setAttribute('color', attribute(this.colours, 3));
    geometry.setAttribute('uv', attribute(this.places, 2));
    geometry.setIndex(this.indices);
    return geometry;
  }
}

/** Everything that is shown, by what it is drawn with: plain, or one component of a picture over the others. */
function batchesOf({ facets, things }: Pick<StandingAnswer, 'facets' | 'things'>) {
  const plain = new Batch();
  const over = new Map<string, { readonly key: string; readonly tone: number; readonly batch: Batch }>();
  const batchFor = (key: string | undefined, tone: number): Batch => {
    if (tone === 0 || key === undefined) return plain;
    const name = `${tone} ${key}`;
    const found = over.get(name) ?? { key, tone, batch: new Batch() };
    over.set(name, found);
    return found.batch;
  };
  const facet = ({ points, tones, lies, polygons }: ShownFacet) =>
    tones.forEach((rgb, tone) => {
      const batch = batchFor(lies?.key, tone);
      const own = points.map((p, k) => batch.add(p, linear(rgb, 3 * k), lies?.at[k]));
      for (const polygon of polygons) batch.polygon(polygon.map((k) => own[k]!));
    });
  const piece = ({ corners, tones, lies, layer }: ShownPiece, [nx, ny, nz]: Point) =>
    tones.forEach((hexes, tone) => {
      const batch = batchFor(lies?.key, tone);
      const out = BEFORE_M * layer;
      const colours = hexes.map(linearHex);
      batch.polygon(
        corners.map(([x, y, z], k) =>
          batch.add([x + out * nx, y + out * ny, z + out * nz], colours[k] ?? colours[0]!, lies?.at[k]),
        ),
      );
    });
  for (const one of facets ?? []) {
    facet(one);
    for (const part of one.pieces) piece(part, one.inward);
  }
  for (const thing of things) piece(thing, [0, 0, 0]);
  return { plain, over: [...over.values()].sort((p, q) => p.tone - q.tone) };
}

/** Where a component lies, as a texture that covers there. */
function maskOf({ width, height, labels }: ComponentPicture, component: number): DataTexture {
  const data = new Uint8Array(width * height * 4);
  labels.forEach((label, k) => {
    if (label === component) data.fill(255, 4 * k, 4 * k + 4);
  });
  const texture = new DataTexture(data, width, height);
  texture.wrapS = MirroredRepeatWrapping;
  texture.wrapT = MirroredRepeatWrapping;
  texture.magFilter = LinearFilter;
  texture.minFilter = LinearMipmapLinearFilter;
  texture.generateMipmaps = true;
  texture.needsUpdate = true;
  return texture;
}

/** A drawing of a room that is looked at from within. */
export type Drawing = {
  readonly show: (answer: StandingAnswer, pictureOf: (key: string) => ComponentPicture | undefined) => void;
  readonly look: (stand: Stand) => void;
  readonly resize: (width: number, height: number) => void;
  /** The picture as it stands, PNG. */
  readonly png: () => Promise<Blob | null>;
  readonly end: () => void;
};

const FIELD_DEG = 62;

/** Draws into a canvas; undefined where the browser cannot draw in space. */
export function drawingIn(canvas: HTMLCanvasElement): Drawing | undefined {
  let renderer: WebGLRenderer;
  try {
    renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
  } catch {
    return undefined;
  }
  const scene = new Scene();
  const camera = new PerspectiveCamera(FIELD_DEG, 1, 0.05, 100);
  const masks = new Map<string, DataTexture>();
  const draw = () => renderer.render(scene, camera);
  const clear = () => {
    for (const child of [...scene.children]) {
      scene.remove(child);
      if (child instanceof Mesh) {
        (child.geometry as BufferGeometry).dispose();
        (child.material as MeshBasicMaterial).dispose();
      }
    }
  };
  const put = (batch: Batch, order: number, mask?: DataTexture) => {
    const covers = mask ? { alphaMap: mask, transparent: true, depthWrite: false } : {};
    const material = new MeshBasicMaterial({ vertexColors: true, side: DoubleSide, toneMapped: false, ...covers });
    const mesh = new Mesh(batch.geometry(), material);
    mesh.renderOrder = order;
    scene.add(mesh);
  };
  return {
    show(answer, pictureOf) {
      clear();
      scene.background = new Color(...linear(answer.mean));
      const { plain, over } = batchesOf(answer);
      put(plain, 0);
      for (const { key, tone, batch } of over) {
        const picture = pictureOf(key);
        if (!picture) continue;
        const name = `${tone} ${key}`;
        const mask = masks.get(name) ?? maskOf(picture, tone);
        masks.set(name, mask);
        put(batch, tone, mask);
      }
      draw();
    },
    look(stand) {
      const { x, y, eyeM, upDeg } = stand;
      const up = (upDeg * Math.PI) / 180;
      const [dx, dy] = aheadOf(stand);
      camera.position.set(...inScene([x, y, eyeM]));
      const to: Point = [x + dx * Math.cos(up), y + dy * Math.cos(up), eyeM + Math.sin(up)];
      camera.lookAt(new Vector3(...inScene(to)));
      draw();
    },
    resize(width, height) {
      renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
      renderer.setSize(width, height, false);
      camera.aspect = width / height;
      camera.updateProjectionMatrix();
      draw();
    },
    png: () => new Promise((resolve) => canvas.toBlob(resolve, 'image/png')),
    end() {
      clear();
      for (const mask of masks.values()) mask.dispose();
      renderer.dispose();
    },
  };
}

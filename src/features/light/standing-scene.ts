import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  Mesh,
  MeshBasicMaterial,
  PerspectiveCamera,
  Scene,
  SRGBColorSpace,
  Vector3,
  WebGLRenderer,
  Color,
} from 'three';
import { planesOf, pointOf, type Box, type Plane } from '@/core/light/box';
import type { ShownFace } from '@/core/engine/standing-room';
import type { ShownFacet } from '@/core/engine/standing-in-plan';

/** Where one stands and looks, metres in the room's frame and degrees: 0 at wall 0, to the right; up. */
export type Stand = {
  readonly x: number;
  readonly y: number;
  readonly eyeM: number;
  readonly turnDeg: number;
  readonly upDeg: number;
};

/** The room's frame is left-handed seen from above (x right, y into the room, z up): three's is right-handed with y up. */
const inScene = ([x, y, z]: readonly [number, number, number]): Vector3 => new Vector3(x, z, y);

/** A colour of the screen as three keeps it, linear. */
function linear(rgb: ArrayLike<number>, k: number, into: Float32Array): void {
  const colour = new Color().setRGB(rgb[k]! / 255, rgb[k + 1]! / 255, rgb[k + 2]! / 255, SRGBColorSpace);
  into.set([colour.r, colour.g, colour.b], k);
}

const plain = () => new MeshBasicMaterial({ vertexColors: true, side: DoubleSide, toneMapped: false });

function faceMesh({ us, vs, rgb }: ShownFace, plane: Plane): Mesh {
  const positions = new Float32Array(us.length * vs.length * 3);
  const colours = new Float32Array(positions.length);
  vs.forEach((v, j) =>
    us.forEach((u, i) => {
      const k = (j * us.length + i) * 3;
      positions.set(inScene(pointOf(plane, u, v)).toArray(), k);
      linear(rgb, k, colours);
    }),
  );
  const indices: number[] = [];
  for (let j = 0; j + 1 < vs.length; j++)
    for (let i = 0; i + 1 < us.length; i++) {
      const a = j * us.length + i;
      const [b, c, d] = [a + 1, a + us.length, a + us.length + 1];
      indices.push(a, b, d, a, d, c);
    }
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  geometry.setIndex(indices);
  return new Mesh(geometry, plain());
}

/** So far before their face pieces are drawn, metres: they lie in it. */
const BEFORE_M = 0.004;

/** A piece of a face, of one colour or with one at each corner; in the room already, a little before its face. */
function pieceOf(
  corners: readonly (readonly [number, number, number])[],
  { hex, hexes }: Pick<ShownFace['pieces'][number], 'hex' | 'hexes'>,
): Mesh {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(corners.flatMap((c) => inScene(c).toArray())), 3));
  geometry.setIndex(corners.slice(2).flatMap((_, k) => [0, k + 1, k + 2]));
  if (!hexes) return new Mesh(geometry, new MeshBasicMaterial({ color: hex, side: DoubleSide, toneMapped: false }));
  const colours = new Float32Array(hexes.flatMap((h) => new Color(h).toArray()));
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  return new Mesh(geometry, plain());
}

function pieceMesh({ corners, layer, ...looks }: ShownFace['pieces'][number], plane: Plane): Mesh {
  const at = { ...plane, value: plane.value + plane.inward * BEFORE_M * layer };
  return pieceOf(
    corners.map(([u, v]) => pointOf(at, u, v)),
    looks,
  );
}

function facetMesh({ points, rgb, polygons }: ShownFacet): Mesh {
  const colours = new Float32Array(points.length * 3);
  points.forEach((_, k) => linear(rgb, 3 * k, colours));
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(points.flatMap((p) => inScene([...p]).toArray())), 3));
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  geometry.setIndex(polygons.flatMap((at) => at.slice(2).flatMap((_, k) => [at[0]!, at[k + 1]!, at[k + 2]!])));
  return new Mesh(geometry, plain());
}

/** The mean colour of a room: behind its faces, where two meet that are cut differently and a pixel falls between. */
function meanOf(facets: readonly ShownFacet[]): Color {
  const all = facets.flatMap((f) => f.rgb);
  const mean = [0, 1, 2].map((c) => all.reduce((sum, v, k) => (k % 3 === c ? sum + v : sum), 0) / Math.max(1, all.length / 3));
  return new Color().setRGB(mean[0]! / 255, mean[1]! / 255, mean[2]! / 255, SRGBColorSpace);
}

function planPieceMesh({ inward }: ShownFacet, { corners, layer, ...looks }: ShownFacet['pieces'][number]): Mesh {
  const out = BEFORE_M * layer;
  return pieceOf(
    corners.map(([x, y, z]) => [x + out * inward[0], y + out * inward[1], z + out * inward[2]] as const),
    looks,
  );
}

/** A drawing of a room that is looked at from within. */
export type Drawing = {
  readonly show: (box: Box, faces: readonly ShownFace[]) => void;
  /** The same of a room of any plan. */
  readonly showFacets: (facets: readonly ShownFacet[]) => void;
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
  return {
    show(box, faces) {
      clear();
      planesOf(box).forEach((plane, f) => {
        const face = faces[f];
        if (!face) return;
        scene.add(faceMesh(face, plane));
        for (const piece of face.pieces) scene.add(pieceMesh(piece, plane));
      });
      draw();
    },
    showFacets(facets) {
      clear();
      scene.background = meanOf(facets);
      for (const facet of facets) {
        scene.add(facetMesh(facet));
        for (const piece of facet.pieces) scene.add(planPieceMesh(facet, piece));
      }
      draw();
    },
    look({ x, y, eyeM, turnDeg, upDeg }) {
      const [turn, up] = [(turnDeg * Math.PI) / 180, (upDeg * Math.PI) / 180];
      camera.position.copy(inScene([x, y, eyeM]));
      const to: [number, number, number] = [
        x + Math.sin(turn) * Math.cos(up),
        y - Math.cos(turn) * Math.cos(up),
        eyeM + Math.sin(up),
      ];
      camera.lookAt(inScene(to));
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
      renderer.dispose();
    },
  };
}

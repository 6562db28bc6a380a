import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  ShapeUtils,
  Vector2,
  Vector3,
  WebGLRenderer,
  type Texture,
} from "three";
import { OrbitControls } from "three/addons/controls/OrbitControls.js";
import type { Print } from "../../api/client";
import { normalOf, type Facet } from "../../model/space/facet";
import { patchAt, patchesOf } from "../../model/space/patches";
import type { PrintOf } from "../../model/cloth/print";
import type { Space } from "../../model/space/projection";
import { unfoldedAt, unfolding } from "../../model/space/unfold";
import { placesOn, printTexture } from "./printTexture";
import { drawLines } from "./seamLines";

/** The finished cover as it is turned in the hand. */
export interface CoverScene {
  unfold: (share: number) => void;
  light: (piece: string | null) => void;
  /** Shows each piece in the print of its cloth, where it lies on it. */
  dress: (printOf: PrintOf) => void;
  turn: (around: number, over: number) => void;
  resize: () => void;
  dispose: () => void;
}

const litColour = new Color("#f2bd3c");

/**
 * How far a part stands out from where it lies, in millimetres: two that lie on each other are two cloths,
 * and each is seen from its side.
 */
const layer = 0.5;

/** Builds the scene in a canvas; throws where there is no WebGL. */
export function coverScene(
  canvas: HTMLCanvasElement,
  facets: Facet[],
  colourOf: (piece: string) => string,
  onTouch: (piece: string | null) => void,
): CoverScene {
  const renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true, alpha: true });
  const scene = new Scene();
  const camera = new PerspectiveCamera(32, 1, 1, 100_000);
  const controls = new OrbitControls(camera, canvas);
  camera.up.set(0, 0, 1);
  controls.object.up.set(0, 0, 1);
  controls.enableDamping = false;
  scene.add(new AmbientLight(0xffffff, 1.7));
  const lamp = new DirectionalLight(0xffffff, 1.9);
  lamp.position.set(-0.4, -1, 1.6);
  scene.add(lamp);

  const cover = unfolding(facets);
  let share = 0;
  const patches = patchesOf(facets);
  const meshes = patches.map((patch) => {
    const triangles = ShapeUtils.triangulateShape(
      (patch.from ? patch.flat : (cover.facets[patch.facet]?.corners ?? [])).map(
        ([x = 0, y = 0]) => new Vector2(x, y),
      ),
      [],
    );
    const geometry = new BufferGeometry();
    geometry.setAttribute("position", new BufferAttribute(new Float32Array(triangles.length * 9), 3));
    const material = new MeshLambertMaterial({
      color: colourOf(patch.piece),
      side: DoubleSide,
      polygonOffset: true,
      polygonOffsetFactor: 1,
      polygonOffsetUnits: 1,
    });
    const mesh = new Mesh(geometry, material);
    mesh.userData.piece = patch.piece;
    scene.add(mesh);
    return { patch, mesh, triangles, material, plain: material.color.clone(), bare: material.color.clone() };
  });
  const textures = new Map<string, Texture>();
  const textureOf = (print: Print) => {
    const name = JSON.stringify(print);
    const texture = textures.get(name) ?? printTexture(print, () => draw());
    textures.set(name, texture);
    return texture;
  };
  const lines = new LineSegments(new BufferGeometry(), new LineBasicMaterial({ vertexColors: true }));
  scene.add(lines);

  const draw = () => renderer.render(scene, camera);
  const place = () => {
    const placed = unfoldedAt(cover, share);
    meshes.forEach(({ patch, mesh, triangles }) => {
      const corners = patchAt(patch, placed[patch.facet] ?? []);
      const position = mesh.geometry.getAttribute("position") as BufferAttribute;
      const [x, y, z] = normalOf(corners);
      triangles.flat().forEach((corner, at) => {
        const [left, front, up] = corners[corner] ?? [0, 0, 0];
        position.setXYZ(at, left + x * layer, front + y * layer, up + z * layer);
      });
      position.needsUpdate = true;
      mesh.geometry.computeVertexNormals();
      mesh.geometry.computeBoundingSphere();
    });
    drawLines(lines, facets, placed);
    return placed.flat();
  };

  const look = (points: Space[]) => {
    const box = [0, 1, 2].map((axis) => {
      const values = points.map((point) => point[axis] ?? 0);
      return [Math.min(...values), Math.max(...values)] as const;
    });
    const centre = new Vector3(...(box.map(([low, high]) => (low + high) / 2) as [number, number, number]));
    const reach = Math.hypot(...box.map(([low, high]) => high - low)) / 2;
    // The narrower of the two angles of sight holds the ball the cover turns in, however it is turned.
    const half = Math.atan(Math.tan((camera.fov * Math.PI) / 360) * Math.min(1, camera.aspect));
    const away = reach / Math.sin(half);
    const direction = camera.position.clone().sub(controls.target);
    camera.position
      .copy(centre)
      .add((direction.lengthSq() > 0 ? direction : new Vector3(0.55, -1, 0.75)).setLength(away));
    camera.near = away / 100;
    camera.far = away * 10;
    camera.updateProjectionMatrix();
    controls.target.copy(centre);
    controls.update();
  };

  const resize = () => {
    const { clientWidth, clientHeight } = canvas;
    renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    renderer.setSize(clientWidth, clientHeight, false);
    camera.aspect = clientWidth / Math.max(1, clientHeight);
    look(place());
    draw();
  };
  const pick = (event: PointerEvent) => {
    const bounds = canvas.getBoundingClientRect();
    const at = new Vector2(
      ((event.clientX - bounds.left) / bounds.width) * 2 - 1,
      1 - ((event.clientY - bounds.top) / bounds.height) * 2,
    );
    const ray = new Raycaster();
    ray.setFromCamera(at, camera);
    const [hit] = ray.intersectObjects(meshes.map(({ mesh }) => mesh));
    onTouch((hit?.object.userData.piece as string | undefined) ?? null);
  };
  controls.addEventListener("change", draw);
  canvas.addEventListener("pointerdown", pick);
  resize();
  return {
    unfold: (next) => {
      share = next;
      look(place());
      draw();
    },
    light: (piece) => {
      for (const { mesh, material, plain } of meshes) {
        material.color.copy(mesh.userData.piece === piece ? litColour : plain);
      }

      draw();
    },
    dress: (printOf) => {
      textures.forEach((texture) => texture.dispose());
      textures.clear();
      for (const one of meshes) {
        const { patch, mesh, triangles, material } = one;
        const { copy = 1, isOver = false } = facets[patch.facet] ?? {};
        const on = printOf(patch.piece, copy, isOver);
        material.map = on ? textureOf(on.print) : null;
        one.plain.copy(on ? white : one.bare);
        material.color.copy(one.plain);
        material.needsUpdate = true;
        if (on) {
          mesh.geometry.setAttribute("uv", new BufferAttribute(placesOn(on, triangles, patch.flat), 2));
        }
      }

      draw();
    },
    turn: (around, over) => {
      const offset = camera.position.clone().sub(controls.target);
      const side = new Vector3(0, 0, 1).cross(offset).normalize();
      offset.applyAxisAngle(new Vector3(0, 0, 1), around);
      if (Math.abs(offset.clone().applyAxisAngle(side, over).normalize().z) < 0.98) {
        offset.applyAxisAngle(side, over);
      }

      camera.position.copy(controls.target).add(offset);
      controls.update();
      draw();
    },
    resize,
    dispose: () => {
      canvas.removeEventListener("pointerdown", pick);
      controls.dispose();
      meshes.forEach(({ mesh, material }) => {
        mesh.geometry.dispose();
        material.dispose();
      });
      textures.forEach((texture) => texture.dispose());
      lines.geometry.dispose();
      lines.material.dispose();
      renderer.dispose();
    },
  };
}

const white = new Color("#ffffff");

import {
  AmbientLight,
  Box3,
  BufferAttribute,
  BufferGeometry,
  DirectionalLight,
  EdgesGeometry,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import type { Schemas } from '../api/client'

export type PieceInSpace = Schemas['PieceInSpace']

/** How the pieces are shown: 0 as they stand, 1 apart; which drawers are out, by place. */
export interface Pose {
  apart: number
  out: ReadonlySet<string>
  hasFronts: boolean
  chosen: string | null
  met: ReadonlySet<string>
}

export type Side = 'front' | 'back' | 'left' | 'right' | 'above'

const FROM: Record<Side, [number, number, number]> = {
  front: [0.35, 0.3, 1],
  back: [-0.35, 0.3, -1],
  left: [-1, 0.25, 0.35],
  right: [1, 0.25, 0.35],
  above: [0, 1, 0.02],
}

interface Standing {
  piece: PieceInSpace
  mesh: Mesh<BufferGeometry, MeshLambertMaterial>
  edges: LineSegments<EdgesGeometry, LineBasicMaterial>
  box: Box3
}

/** What lies nearer than this touches, mm. */
const ALMOST = 1
/** Faces that meet at less than this angle are one surface, degrees. */
const EDGE = 25

/** Triangles that share no corner, so that each face has its own light. */
function flatOf({ corners, faces }: { corners: number[]; faces: number[] }): BufferGeometry {
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(corners), 3))
  geometry.setIndex(faces)
  const flat = geometry.toNonIndexed()
  flat.computeVertexNormals()
  flat.computeBoundingBox()
  geometry.dispose()
  return flat
}

/** A colour of the theme. */
const themed = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()

/** The pieces of a plan, to be turned by hand; it draws when something changes and never by itself. */
export class SpaceScene {
  private readonly renderer: WebGLRenderer
  private readonly scene = new Scene()
  private readonly camera = new PerspectiveCamera(35, 1, 10, 100_000)
  private readonly controls: OrbitControls
  private standing: Standing[] = []
  private around: LineSegments<EdgesGeometry, LineBasicMaterial>[] = []
  private whole = new Box3()
  private pose: Pose | null = null
  private isAsked = false

  constructor(private readonly canvas: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true })
    this.renderer.setPixelRatio(Math.min(devicePixelRatio, 2))
    this.scene.add(new AmbientLight(0xffffff, 1.6))
    const sun = new DirectionalLight(0xffffff, 1.8)
    sun.position.set(0.5, 1, 0.8)
    this.scene.add(sun)
    this.controls = new OrbitControls(this.camera, canvas)
    this.controls.addEventListener('change', () => this.draw())
  }

  /** Another state of the plan; where it is looked at from stays, unless it is the first. */
  show({ pieces, around }: Schemas['PlanInSpace']) {
    const isFirst = this.standing.length === 0
    this.clear()
    for (const piece of pieces) this.standing.push(this.stand(piece))
    for (const one of around) this.around.push(this.outline(one))
    this.whole = new Box3()
    for (const one of this.standing) this.whole.union(one.box)
    if (isFirst) this.lookFrom('front')
    if (this.pose) this.set(this.pose)
  }

  /** Walls and what is in the way as lines only: they hide nothing, and are not pressed. */
  private outline(one: Schemas['AroundInSpace']): LineSegments<EdgesGeometry, LineBasicMaterial> {
    const flat = flatOf(one)
    const material = new LineBasicMaterial({ transparent: true, opacity: one.is_wall ? 0.5 : 0.9 })
    material.color.set(themed(one.is_wall ? '--faint' : '--clay'))
    const lines = new LineSegments(new EdgesGeometry(flat, EDGE), material)
    flat.dispose()
    this.scene.add(lines)
    return lines
  }

  private stand(piece: PieceInSpace): Standing {
    const flat = flatOf(piece)
    const mesh = new Mesh(flat, new MeshLambertMaterial())
    const edges = new LineSegments(new EdgesGeometry(flat, EDGE), new LineBasicMaterial())
    mesh.add(edges)
    this.scene.add(mesh)
    return { piece, mesh, edges, box: flat.boundingBox?.clone() ?? new Box3() }
  }

  /** How the pieces are shown now. */
  set(pose: Pose) {
    this.pose = pose
    const middle = this.whole.getCenter(new Vector3())
    const chosen = this.standing.find((one) => one.piece.id === pose.chosen)
    const reach = chosen?.box.clone().expandByScalar(ALMOST)
    for (const one of this.standing) {
      const { piece, mesh, edges, box } = one
      const isOut = pose.out.has(piece.place) && (piece.travel ?? 0) > 0
      const away = box.getCenter(new Vector3()).sub(middle).multiplyScalar(pose.apart)
      mesh.position.copy(away).add(new Vector3(0, 0, isOut ? piece.travel : 0))
      mesh.visible = pose.hasFronts || !piece.is_front
      const isBeside = reach !== undefined && one !== chosen && reach.intersectsBox(box)
      const isFaint = chosen !== undefined && one !== chosen && !isBeside
      const { material } = mesh
      material.color.set(this.colourOf(piece, one === chosen, pose.met.has(piece.id)))
      material.transparent = isFaint
      material.opacity = isFaint ? 0.22 : 1
      material.depthWrite = !isFaint
      material.needsUpdate = true
      edges.material.color.set(themed('--ink'))
      edges.material.transparent = true
      edges.material.opacity = isFaint ? 0.25 : 0.85
    }
    this.draw()
  }

  private colourOf(piece: PieceInSpace, isChosen: boolean, isMet: boolean): string {
    if (isMet) return themed('--clay')
    if (isChosen) return themed('--fern')
    if (piece.mark === '') return themed('--hairline')
    return piece.number > 0 ? themed(`--tint-${((piece.number - 1) % 8) + 1}`) : themed('--card')
  }

  /** Looks at the whole from one side. */
  lookFrom(side: Side) {
    const size = this.whole.getSize(new Vector3()).length() || 1000
    const middle = this.whole.getCenter(new Vector3())
    const aside = Math.min(this.camera.aspect, 1)
    const far = (size / 2 / Math.tan((this.camera.fov * Math.PI) / 360) / aside) * 0.95
    this.camera.position.copy(middle.clone().add(new Vector3(...FROM[side]).normalize().multiplyScalar(far)))
    this.camera.near = far / 100
    this.camera.far = far * 10
    this.camera.updateProjectionMatrix()
    this.controls.target.copy(middle)
    this.controls.update()
    this.draw()
  }

  /** Turns it about the upright by so many degrees, and tips it. */
  turn(across: number, up: number) {
    const away = this.camera.position.clone().sub(this.controls.target)
    const far = away.length()
    const angle = Math.atan2(away.x, away.z) + (across * Math.PI) / 180
    const tip = Math.min(Math.max(Math.asin(away.y / far) + (up * Math.PI) / 180, -1.5), 1.5)
    away
      .set(Math.sin(angle) * Math.cos(tip), Math.sin(tip), Math.cos(angle) * Math.cos(tip))
      .multiplyScalar(far)
    this.camera.position.copy(this.controls.target).add(away)
    this.controls.update()
    this.draw()
  }

  /** Nearer where ``by`` is above one. */
  zoom(by: number) {
    const away = this.camera.position.clone().sub(this.controls.target).divideScalar(by)
    this.camera.position.copy(this.controls.target).add(away)
    this.controls.update()
    this.draw()
  }

  /** The piece under a point of the screen. */
  at(x: number, y: number): PieceInSpace | null {
    const room = this.canvas.getBoundingClientRect()
    const point = new Vector2(((x - room.left) / room.width) * 2 - 1, 1 - ((y - room.top) / room.height) * 2)
    const ray = new Raycaster()
    ray.setFromCamera(point, this.camera)
    const seen = this.standing.filter((one) => one.mesh.visible && one.mesh.material.opacity === 1)
    const hit = ray.intersectObjects(
      seen.map((one) => one.mesh),
      false,
    )[0]
    return seen.find((one) => one.mesh === hit?.object)?.piece ?? null
  }

  /** Fills its room. */
  resize() {
    const { clientWidth: width, clientHeight: height } = this.canvas
    if (width === 0 || height === 0) return
    this.renderer.setSize(width, height, false)
    this.camera.aspect = width / height
    this.camera.updateProjectionMatrix()
    this.draw()
  }

  private draw() {
    if (this.isAsked) return
    this.isAsked = true
    requestAnimationFrame(() => {
      this.isAsked = false
      this.renderer.render(this.scene, this.camera)
    })
  }

  private clear() {
    for (const { mesh, edges } of this.standing) {
      this.scene.remove(mesh)
      mesh.geometry.dispose()
      mesh.material.dispose()
      edges.geometry.dispose()
      edges.material.dispose()
    }
    this.standing = []
    for (const lines of this.around) {
      this.scene.remove(lines)
      lines.geometry.dispose()
      lines.material.dispose()
    }
    this.around = []
  }

  dispose() {
    this.clear()
    this.controls.dispose()
    this.renderer.dispose()
  }
}

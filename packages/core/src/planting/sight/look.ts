/** From where a tank is looked at: the panes, squarely, or a seat before the front. */
export const LOOKS = ['front', 'left', 'right', 'back', 'couch'] as const
export type Look = (typeof LOOKS)[number]

/** An eye before the front pane. */
export interface Eye {
  /** From the front pane. */
  readonly awayCm: number
  /** Above the tank's floor. */
  readonly highCm: number
  /** Along the tank, 0 left to 1 right. */
  readonly share: number
}
/** A sofa two metres off, eyes at the height of the rim. */
export const FROM_COUCH: Eye = { awayCm: 200, highCm: 45, share: 0.5 }

interface Floor {
  readonly lengthCm: number
  readonly widthCm: number
}

/** A line of sight over the floor: where it is so many centimetres behind the pane, and where a height there is seen on the pane. */
export interface Ray {
  readonly at: (behindCm: number) => { readonly xCm: number; readonly yCm: number }
  readonly onPaneCm: (heightCm: number, behindCm: number) => number
}
const squarely = (heightCm: number): number => heightCm

/** Lines of sight, one a centimetre of the pane, and how deep the tank is behind it. The eye's are straight: refraction, which brings all a quarter nearer, is left out. */
export function raysOf(
  look: Look,
  { lengthCm, widthCm }: Floor,
  eye: Eye = FROM_COUCH,
): { readonly rays: readonly Ray[]; readonly deepCm: number } {
  const paneCm = look === 'left' || look === 'right' ? widthCm : lengthCm
  const alongCm = Array.from({ length: Math.max(1, Math.floor(paneCm)) }, (_, step) => step + 0.5)
  switch (look) {
    case 'front':
      return { deepCm: widthCm, rays: alongCm.map((xCm) => ({ at: (yCm) => ({ xCm, yCm }), onPaneCm: squarely })) }
    case 'left':
      return { deepCm: lengthCm, rays: alongCm.map((yCm) => ({ at: (xCm) => ({ xCm, yCm }), onPaneCm: squarely })) }
    case 'right':
      return {
        deepCm: lengthCm,
        rays: alongCm.map((yCm) => ({ at: (behindCm) => ({ xCm: lengthCm - behindCm, yCm }), onPaneCm: squarely })),
      }
    case 'back':
      return { deepCm: widthCm, rays: alongCm.map((xCm) => ({ at: (behindCm) => ({ xCm, yCm: widthCm - behindCm }), onPaneCm: squarely })) }
    case 'couch': {
      const { awayCm, highCm } = eye
      const eyeCm = eye.share * lengthCm
      const onPaneCm = (heightCm: number, behindCm: number): number => highCm + ((heightCm - highCm) * awayCm) / (awayCm + behindCm)
      return {
        deepCm: widthCm,
        rays: alongCm.map((paneXCm) => ({
          at: (yCm) => ({ xCm: eyeCm + ((paneXCm - eyeCm) * (awayCm + yCm)) / awayCm, yCm }),
          onPaneCm,
        })),
      }
    }
  }
}

let down = false
const told = { capture: true, passive: true }
addEventListener('pointerdown', () => (down = true), told)
for (const end of ['pointerup', 'pointercancel']) addEventListener(end, () => (down = false), told)

/** Whether something is being pressed: what folds now would move from beneath the pointer what its release is meant for. */
export const isPressed = () => down

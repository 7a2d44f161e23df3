const SWITCH = 'vasculum-keys'

/** Whether digits and letters act in the drawing; remembered on this machine. */
export const keysAreOn = () => localStorage.getItem(SWITCH) !== 'off'
export const switchKeys = (on: boolean) => localStorage.setItem(SWITCH, on ? 'on' : 'off')

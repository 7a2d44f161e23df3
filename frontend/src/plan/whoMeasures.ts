const KEY = 'vasculum-who-measures'

/** The name under which readings are taken on this device; kept here, and with each reading. */
export const whoMeasures = () => localStorage.getItem(KEY) ?? ''

export const nameWhoMeasures = (name: string) => localStorage.setItem(KEY, name.trim().slice(0, 60))

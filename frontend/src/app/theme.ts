import { useEffect, useState } from 'react'

export type Light = 'auto' | 'light' | 'dark'
const KEY = 'vasculum-light'

const stored = (): Light => {
  const kept = localStorage.getItem(KEY)
  return kept === 'light' || kept === 'dark' ? kept : 'auto'
}

const apply = (light: Light) => {
  const isDark = light === 'dark' || (light === 'auto' && matchMedia('(prefers-color-scheme: dark)').matches)
  document.documentElement.dataset.bsTheme = isDark ? 'dark' : 'light'
}

apply(stored())

/** Light, dark, or as the machine is set; remembered on this machine. */
export function useLight(): [Light, (light: Light) => void] {
  const [light, setLight] = useState<Light>(stored)
  useEffect(() => {
    apply(light)
    const query = matchMedia('(prefers-color-scheme: dark)')
    const follow = () => apply(light)
    query.addEventListener('change', follow)
    return () => query.removeEventListener('change', follow)
  }, [light])
  return [
    light,
    (chosen) => {
      localStorage.setItem(KEY, chosen)
      setLight(chosen)
    },
  ]
}

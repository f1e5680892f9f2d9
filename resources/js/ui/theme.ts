import { useEffect, useState } from 'react';

export type Theme = 'light' | 'dark';
const KEY = 'tekkal.theme';

function preferred(): Theme {
  const kept = localStorage.getItem(KEY);
  if (kept === 'light' || kept === 'dark') return kept;
  return window.matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

/** The light or dark look; the system's wish until somebody chooses. */
export function useTheme(): { theme: Theme; flip: () => void } {
  const [theme, setTheme] = useState<Theme>(preferred);
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const flip = () => {
    const next = theme === 'light' ? 'dark' : 'light';
    localStorage.setItem(KEY, next);
    // At once: what it was chosen in may be closed by the same press.
    document.documentElement.dataset.theme = next;
    setTheme(next);
  };
  return { theme, flip };
}

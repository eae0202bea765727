/** What the window is touched with: help speaks of what the maker has at hand. */
export const hands = (): 'fingers' | 'keys' => (matchMedia('(pointer: coarse)').matches ? 'fingers' : 'keys');

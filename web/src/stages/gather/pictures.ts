/**
 * Small drawings for the answers of the walk, in a box of 40 by 40, by what is ticked. One line a picture, drawn for this product.
 * What has none of its own is drawn as a tick or as a plain ring.
 */
export const PICTURES: Record<string, string> = {
  'held-food': 'M20 8c-6-5-13 0-12 9 1 8 6 15 12 15s11-7 12-15c1-9-6-14-12-9zM20 8c0-3 2-5 5-6',
  'held-garden': 'M10 22h20l-3 12H13zM20 22v-9M20 15c-5 0-7-3-7-7 5 0 7 3 7 7zM20 13c4 0 6-3 6-6-4 0-6 3-6 6z',
  'held-chemical': 'M15 5h10M17 5v9L7 32c-1 2 0 3 2 3h22c2 0 3-1 2-3L23 14V5M12 24h16M17 29h1M23 28h1',
  'held-unknown': 'M10 8h20v26H10zM16 16c0-5 8-5 8 0 0 3-4 3-4 7M20 28v1',
  'mark-heat': 'M6 8h28v24H6zM12 15v10M12 20h5M17 15v10M21 15h8M25 15v10',
  'mark-fumigant': 'M6 8h28v24H6zM10 25V15l4 6 4-6v10M23 15v10h4c4 0 4-5 0-5h-4h3c4 0 4-5 0-5h-3M4 4l32 32',
  'fibre-cement': 'M4 14c4-5 6 5 10 0s6 5 10 0 6 5 12 0v14c-6 5-8-5-12 0s-6-5-10 0-6-5-10 0zM14 18l3 6-3 4',
  creosote: 'M8 26h24v8H8zM20 4c5 7 8 10 8 14a8 8 0 0 1-16 0c0-4 3-7 8-14z',
  tarred: 'M20 4c5 7 8 10 8 14a8 8 0 0 1-16 0c0-4 3-7 8-14zM6 30c5-4 9 4 14 0s9 4 14 0',
  'bean-test-passed': 'M12 26h16l-2 10H14zM20 26V8M20 16c-6 0-8-3-8-7 6 0 8 3 8 7zM20 13c6 0 8-3 8-7-6 0-8 3-8 7z',
  'bean-test-failed': 'M12 26h16l-2 10H14zM20 26c0-8-6-8-6-14 0-4 5-4 5 0s-5 3-7 0M24 12c4-1 6 3 3 5s-5-2-2-4',
  'weedkiller-unknown': 'M12 14h12v22H12zM18 14V8h8M26 8l6-3M26 8h7M26 8l6 3M16 23c0-3 5-3 5 0 0 2-3 2-3 4M18 31v1',
  'chemical-smell': 'M8 30h24v5H8zM13 25c-4-4 4-7 0-11s2-6 2-6M20 25c-4-4 4-7 0-11s2-6 2-6M27 25c-4-4 4-7 0-11s2-6 2-6',
  rot: 'M4 20h32v12H4zM26 4L18 22M23 4h6M14 26c2-2 5-2 7 0M10 29h2M26 28h3',
  'unknown-site': 'M6 34V16l14-9 14 9v18zM16 22c0-5 8-5 8 0 0 3-4 3-4 5M20 31v1',
  fresh: 'M6 34c2-8 7-6 8-12 4 3 6-4 6-4s4 5 7 4c0 6 6 5 7 12zM14 12c-2-3 2-4 0-7M24 12c-2-3 2-4 0-7',
  printed: 'M8 6h24v28H8zM13 12h14v9H13zM13 26h14M13 30h9M27 6l5 6',
  suppresses: 'M20 36V22M20 22a10 9 0 1 1 .1 0M6 36l4-6M34 36l-4-6M8 30l5 3M32 30l-5 3',
  'mark-treated':
    'M4 16h32v10H4zM4 21h32M10 16c0 5 4 5 4 10M20 16c0 5 4 5 4 10M30 16c0 5 3 5 3 10M12 8l2-4M20 8V3M28 8l-2-4',
  'old-paint': 'M6 6h26v9H6zM32 10h4v8H20v5M17 23h6v13h-6zM10 15c0 4-2 4-2 7M14 15v4',
  brittle: 'M6 10h28v24H6zM18 10l-4 8 6 3-5 13M20 21l8-3',
  'mark-plastic': 'M20 5l14 26H6zM19 17l3-1v11M18 27h7',
  'rust-surface': 'M8 8h24v26H8zM13 14h2M20 13h1M26 17h2M14 22h1M21 24h3M27 29h1M13 30h2',
  'rust-through': 'M8 8h24v26H8zM14 14c4-3 7 1 5 4s-7 1-5-4zM23 22c4-2 6 2 4 5s-7 0-4-5zM14 28c2-1 3 1 2 2s-3 0-2-2z',
  bent: 'M4 30h12c6 0 4-14 10-14h10',
  cracked: 'M8 6h24v28H8zM20 6l-3 9 5 4-4 8 3 7',
  torn: 'M6 8h28v24l-6-4-3 5-5-6-4 5-4-4-6 4zM16 8l3 9-4 4',
  'wire-broken': 'M4 20h11l4-6M36 20H25l-4 7M15 15l3 2M24 24l3-2',
  wobbles: 'M8 12h24v4H8zM12 16l-3 20M28 16l3 20M3 22l3 2M3 28l3-1M37 22l-3 2M37 28l-3-1',
  'mark-load': 'M20 4v8M14 12h12l3 8H11zM10 20h20v16H10zM15 25v7M15 29l5-4M15 29l5 3M24 25v7h4',
  'has-outlet': 'M6 8h28l-4 20H10zM18 28h4v5h-4zM20 35v2',
  'owner-vouches': 'M14 14a6 6 0 1 1 12 0 6 6 0 0 1-12 0zM8 34c0-8 5-11 12-11s12 3 12 11M28 8l3 3 6-7',
  nails: 'M10 6l6 6M8 8l4-4M13 9l14 20M30 10l-4 8M27 8l6 3M29 14l-6 16',
  warped: 'M4 26c8-14 24 6 32-8v8c-8 14-24-6-32 8z',
  'weed-roots':
    'M20 4v12M20 16c-8 4-4 10-12 14M20 16c0 8 2 10 0 20M20 16c8 4 4 10 12 14M14 24l-4-1M26 24l5-2M20 27l4 3',
  salty: 'M4 26c4-4 8 4 12 0s8 4 12 0 6 2 8 0M4 33c4-4 8 4 12 0s8 4 12 0 6 2 8 0M14 6l4 4-4 4-4-4zM25 10l3 3-3 3-3-3z',
  resprouts:
    'M18 36V8h4v28M22 16c5 0 8-3 8-7-5 0-8 3-8 7zM18 24c-5 0-8-3-8-7 5 0 8 3 8 7zM18 36c-3 0-5 2-6 2M22 36c3 0 5 2 6 2',
  taped: 'M6 12h28v20H6zM17 12h6v20h-6zM10 8l4 4M30 36l-4-4',
  weathered: 'M4 14h32v14H4zM8 18h10M14 22h16M22 18h9M8 25h7M20 25h12',
  poor: 'M4 14h32v14H4zM4 20l12 2 6-3 14 3M10 14l3 5M24 28l3-6M30 14l-2 4',
};

const NONE = 'M8 21l8 9L33 10';

export function pictureOf(finding: string | null): string {
  return finding === null ? NONE : (PICTURES[finding] ?? 'M20 8a12 12 0 1 0 .1 0z');
}

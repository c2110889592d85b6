/** Sent with everything, so that the garden knows its own pages from another site's. */
export const OURS = { 'X-Metaplant': '1' } as const;

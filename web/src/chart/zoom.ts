/** How many times as large the chart is drawn; keys and buttons go through these, two fingers anywhere between. */
export const zooms = [1, 1.5, 2, 3] as const;

const LEAST = zooms[0];
const MOST = zooms[3];

export const isWithinZooms = (zoom: number, by: 1 | -1) => (by > 0 ? zoom < MOST : zoom > LEAST);

/** The next larger or smaller of the usual sizes. */
export const nextZoom = (zoom: number, by: 1 | -1) => (by > 0 ? zooms.find((size) => size > zoom) : zooms.findLast((size) => size < zoom)) ?? zoom;

/** The nearest size that there is. */
export const asZoom = (zoom: number) => Math.min(MOST, Math.max(LEAST, zoom));

import type { Plan } from '../api/types';

/** Sets of colours to try on a plan, from the darkest to the lightest; our own. */
export const palettes: readonly { name: string; hexes: readonly string[] }[] = [
	{ name: 'Quay', hexes: ['#22333F', '#B5402F', '#4E7C8A', '#D9A441', '#ECE4D4'] },
	{ name: 'Hedgerow', hexes: ['#2F3B2A', '#7A2E3A', '#6E8B4E', '#C98A4B', '#F0E9D8'] },
	{ name: 'Kitchen', hexes: ['#3A2A22', '#A8552F', '#D7A13B', '#7FA39A', '#F4ECDD'] },
	{ name: 'First frost', hexes: ['#2B2F45', '#5C6F93', '#9CB3BF', '#C6A5A0', '#EEF0EC'] },
	{ name: 'Fair', hexes: ['#31264A', '#C23B5A', '#E58A3C', '#F2CF4A', '#57A6A0'] },
	{ name: 'Pebble', hexes: ['#2E2D2B', '#6B655C', '#9A8F80', '#C9BEAC', '#EFEAE0'] },
];

/** How light a colour is, as a share: enough to put colours in an order. */
function lightness(hex: string): number {
	const part = (at: number) => Number.parseInt(hex.slice(at, at + 2), 16);
	return (part(1) * 0.3 + part(3) * 0.59 + part(5) * 0.11) / 255;
}

/** The plan in other colours: its darkest yarn gets the darkest of them, and so on. */
export function inPalette(plan: Plan, hexes: readonly string[]): Plan {
	const order = [...plan.yarns].sort((a, b) => lightness(a.hex) - lightness(b.hex));
	const steps = Math.max(1, order.length - 1);
	return {
		...plan,
		yarns: plan.yarns.map((yarn) => {
			const at = order.indexOf(yarn);
			return { ...yarn, hex: hexes[order.length === 1 ? 1 : Math.round((at / steps) * (hexes.length - 1))] ?? yarn.hex };
		}),
	};
}

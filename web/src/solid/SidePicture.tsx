import { useEffect, useRef } from 'react';
import type { Yarn } from '../api/types';
import { say } from '../ui/say';
import type { Solid } from './solid';

/** The piece from one side, stitch by stitch, where the browser cannot draw it in the round. */
export function SidePicture({ solid, yarns, about, name, lies }: { lies: boolean; solid: Solid; yarns: readonly Yarn[]; about: number; name: string }) {
	const canvas = useRef<HTMLCanvasElement>(null);
	useEffect(() => {
		const element = canvas.current;
		const context = element?.getContext('2d');
		if (element === null || !context) return;
		const { clientWidth: width, clientHeight: height } = element;
		element.width = width * window.devicePixelRatio;
		element.height = height * window.devicePixelRatio;
		const scale = (Math.min(width, height) / 2.3 / solid.reach) * window.devicePixelRatio;
		context.setTransform(scale, 0, 0, scale, element.width / 2, element.height / 2);
		const colours = new Map(yarns.map(({ key, hex }) => [key, hex]));
		for (const { yarn, width: w, height: h, ...stands } of solid.seats) {
			const { x, y, z } = lies ? { x: -stands.x, y: stands.z, z: stands.y } : stands;
			// Turned about the axis; what is behind is not seen.
			const across = x * Math.cos(about) + z * Math.sin(about);
			const near = z * Math.cos(about) - x * Math.sin(about);
			if (near < 0) continue;
			context.fillStyle = colours.get(yarn) ?? '#808080';
			context.fillRect(across - w / 2, -y - h / 2, w * 1.05, h * 1.05);
		}
	}, [solid, yarns, about, lies]);
	return <canvas ref={canvas} role="img" aria-label={say('sidePicture.thePieceNameFromOne', { name })} className="block h-full w-full" />;
}

import { useState } from 'react';
import { type Drawing, DrawnFrame } from '../ui/DrawnFrame';
import { say } from '../ui/say';
import { fetchDrawings, useMaking } from './making';

let fetched: Promise<Drawing[]> | undefined;

/** How something is done, in a few small drawings; the service worker keeps them once they were looked at. */
export function Drawn({ names, from, to }: { names: readonly string[]; from?: string | undefined; to?: string | undefined }) {
	const yarns = useMaking(({ making }) => making?.toy.yarns) ?? [];
	const isLeftHanded = useMaking(({ making }) => making?.toy.hand === 'left');
	const [drawings, setDrawings] = useState<readonly Drawing[]>([]);
	if (names.length === 0) return null;
	const hexOf = (letter: string | undefined, other: number) => (yarns.find(({ key }) => key === letter) ?? yarns[other] ?? yarns[0])?.hex ?? '#808080';
	const look = () => {
		fetched ??= fetchDrawings();
		fetched.then(setDrawings, () => {
			fetched = undefined;
		});
	};
	return (
		<details onToggle={(event) => event.currentTarget.open && look()}>
			<summary>{say('make.howItIsDone')}</summary>
			{drawings
				.filter(({ name }) => names.includes(name))
				.map(({ name, title, frames }) => (
					<section key={name} aria-label={title}>
						<h4 className="font-semibold">{title}</h4>
						<ol className="grid grid-cols-[repeat(auto-fill,minmax(140px,1fr))] gap-2">
							{frames.map(({ says, strokes }, i) => (
								<li key={says}>
									<DrawnFrame
										strokes={strokes}
										hexes={{ old: hexOf(from, 0), new: hexOf(to, 1) }}
										isMirrored={isLeftHanded}
										label={say('make.frame', { title, n: i + 1 })}
									/>
									<p className="leading-snug">{says}</p>
								</li>
							))}
						</ol>
					</section>
				))}
		</details>
	);
}

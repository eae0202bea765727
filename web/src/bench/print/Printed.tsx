import type { components } from '../../api/generated/contract';
import { say } from '../../ui/say';
import { PrintedChart } from './PrintedChart';

export type Pattern = components['schemas']['PatternDocument'];

/** A written pattern on paper; where the plan has changed since, it says so above all else. */
export function Printed({ pattern, isNewest }: { pattern: Pattern; isNewest: boolean }) {
	return (
		<article>
			<h1>{pattern.title}</h1>
			{!isNewest && <p className="print-older">{say('print.older')}</p>}
			{pattern.sections.map((section, i) => (
				// biome-ignore lint/suspicious/noArrayIndexKey: what is printed never changes its order
				<section key={i}>
					{section.heading !== '' && <h2>{section.heading}</h2>}
					{section.lines.map((line, at) => (
						// biome-ignore lint/suspicious/noArrayIndexKey: as above
						<p key={at}>
							{line.name !== '' && <b>{line.name}: </b>}
							{line.text}
						</p>
					))}
					{section.chart.length > 0 && <PrintedChart rounds={section.chart} pattern={pattern} />}
				</section>
			))}
			<p className="print-made">{say('print.made')}</p>
		</article>
	);
}

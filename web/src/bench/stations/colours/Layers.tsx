import { ArrowDown, ArrowUp, Eye, EyeOff, Move, Trash2 } from 'lucide-react';
import type { Layer } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { TextField } from '../../../ui/Field';
import { isolated } from '../../../ui/isolated';
import { numbered } from '../../../ui/numbered';
import { say } from '../../../ui/say';
import { YarnMark } from '../../../ui/YarnMark';
import { setTools, useTools } from '../../chartTools';
import { useBench, useDraft, usePiece, useYarns } from '../../context';
import { withLayer, withPiece } from '../../plans';
import { ToldAt } from '../../ToldAt';
import { Where } from './kinds';
import { Stepper } from './SequenceEditor';

/** What a layer is called for readers of the screen. */
const nameOf = ({ name = '' }: Layer, says: string) => (name === '' ? says : `${isolated(name)}, ${says}`);

/** The layers as they lie, the uppermost first. */
export function Layers() {
	const { draft, pick } = useBench();
	const { piece, analysis, lies } = usePiece();
	const yarns = useYarns();
	const chosen = useTools((tools) => tools.layer);
	const index = useDraft(({ plan }) => plan.pieces.findIndex(({ key }) => key === piece?.key));
	if (piece === undefined || piece.colours.length === 0) return null;
	// What the core says of a layer comes with its answer.
	const said = analysis?.layers.length === piece.colours.length ? analysis.layers : [];
	const layers = piece.colours.map((layer, at) => ({ layer, at, ...(said[at] ?? { says: layer.kind, yarns: [], movable: false }) })).reverse();
	const hexOf = (key: string) => yarns.find((yarn) => yarn.key === key)?.hex ?? '#888888';
	const change = (at: number, to: (layer: Layer) => Layer | null, group?: string) => draft.change((plan) => withLayer(plan, piece.key, at, to), group);
	const runs = layers.filter(({ layer }) => layer.kind === 'run');
	const top = piece.colours.length - 1;

	function swap(at: number, by: 1 | -1) {
		draft.change((plan) =>
			withPiece(plan, piece?.key ?? '', (is) => {
				const colours = [...is.colours];
				colours.splice(at + by, 0, ...colours.splice(at, 1));
				return { ...is, colours };
			}),
		);
		if (chosen === at) setTools({ layer: at + by });
	}

	return (
		<section aria-label={say('layers.layers')} className="border-t border-rule pt-3">
			<h3 className="mb-1 font-semibold">{say('layers.layers')}</h3>
			<p className="caption mb-2">{say('layers.whatIsHigherCoversWhat')}</p>
			<ol className="flex flex-col">
				{runs.length > 3 && (
					<li className="flex items-center gap-2 border-t border-rule py-2">
						<span className="flex-1">{say('layers.runsRunsOfStitches', { runs: runs.length })}</span>
						<Button
							kind="bare"
							onClick={() =>
								draft.change((plan) =>
									withPiece(plan, piece.key, (is) => ({ ...is, colours: is.colours.filter(({ kind }) => kind !== 'run') })),
								)
							}
						>
							{say('layers.takeThemOut')}
						</Button>
					</li>
				)}
				{layers
					.filter(({ layer }) => layer.kind !== 'run' || runs.length <= 3)
					.map(({ layer, at, says, yarns: letters, movable }) => (
						<li key={at} className={`border-t border-rule py-1.5 ${layer.hidden === true ? 'text-faint' : ''}`}>
							<div className="flex items-center gap-1">
								{numbered(letters.slice(0, 4)).map(({ at: i, one: key }) => (
									<YarnMark key={i} letter={key} hex={hexOf(key)} />
								))}
								<button
									type="button"
									aria-expanded={chosen === at}
									className="figures min-w-0 flex-1 px-1 text-left underline decoration-rule underline-offset-4"
									onClick={() => {
										setTools({ layer: chosen === at ? null : at, brush: null });
										if ('from' in layer && layer.kind !== 'run') {
											pick(layer.from, 'new');
											if (layer.to !== undefined) pick(layer.to, 'extend');
										}
									}}
								>
									{layer.name !== undefined && layer.name !== '' && (
										<span className="font-semibold">
											<bdi>{layer.name}</bdi>:{' '}
										</span>
									)}
									{says}
								</button>
								<Button
									kind="bare"
									aria-label={say('layers.see', {
										hidden: String(layer.hidden === true),
										layer: nameOf(layer, says),
									})}
									onClick={() => change(at, ({ hidden, ...is }) => (hidden === true ? is : { ...is, hidden: true }) as Layer)}
								>
									{layer.hidden === true ? <EyeOff size={16} /> : <Eye size={16} />}
								</Button>
								<Button
									kind="bare"
									aria-label={say('layers.deleteTheLayerLayer', { layer: nameOf(layer, says) })}
									onClick={() => {
										setTools({ layer: null });
										change(at, () => null);
									}}
								>
									<Trash2 size={16} />
								</Button>
							</div>
							{layer.kind === 'stripes' && layer.sequence.length > 1 && (
								<div className="flex w-full flex-wrap gap-x-4 gap-y-1 py-1">
									{numbered(layer.sequence).map(({ at: i, one: stripe }) => (
										<span key={i} className="flex items-center gap-1.5">
											<YarnMark letter={stripe.yarn} hex={hexOf(stripe.yarn)} />
											<Stepper
												label={say('layers.heightOfStripeIOf', { i: i + 1, from: layer.from, to: layer.to })}
												value={stripe.rounds}
												onChange={(rounds) =>
													change(
														at,
														(is) =>
															is.kind === 'stripes'
																? { ...is, sequence: is.sequence.map((old, j) => (j === i ? { ...old, rounds } : old)) }
																: is,
														`height ${piece.key} ${at} ${i}`,
													)
												}
											/>
										</span>
									))}
								</div>
							)}
							<ToldAt path={`pieces[${index}].colours[${at}]`} />
							{chosen === at && (
								<div className="grid grid-cols-2 items-end gap-2 border-l-4 border-ink bg-sheet p-2">
									<TextField
										label={say('common.name')}
										maxLength={120}
										value={layer.name ?? ''}
										onChange={(name) => change(at, (is) => ({ ...is, name }), `layer name ${at}`)}
									/>
									<div className="flex gap-1">
										<Button
											aria-label={say('layers.layerOneLayerUp', { layer: nameOf(layer, says) })}
											disabled={at === top}
											onClick={() => swap(at, 1)}
										>
											<ArrowUp size={16} />
										</Button>
										<Button
											aria-label={say('layers.layerOneLayerDown', { layer: nameOf(layer, says) })}
											disabled={at === 0}
											onClick={() => swap(at, -1)}
										>
											<ArrowDown size={16} />
										</Button>
									</div>
									<Where layer={layer} onChange={(to) => change(at, () => to, `layer ${piece.key} ${at}`)} />
									{(layer.kind === 'spots' || layer.kind === 'motif' || layer.kind === 'hand') && (
										<Button className="col-span-2" onClick={() => draft.edit({ do: 'bobbles', piece: piece.key, layer: at })}>
											{say('layers.workThemAsBobbles')}
										</Button>
									)}
									{movable && (
										<p className="caption col-span-2 flex items-center gap-1">
											<Move size={14} /> {say('layers.dragItOnTheChart', { lies })}
										</p>
									)}
								</div>
							)}
						</li>
					))}
			</ol>
		</section>
	);
}

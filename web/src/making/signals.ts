import { say } from '../ui/say';
import type { Choices, Stop } from './types';

let audio: AudioContext | undefined;

/** A short tone, made here. */
function tone(hertz: number): void {
	audio ??= new AudioContext();
	const [wave, loud] = [audio.createOscillator(), audio.createGain()];
	wave.frequency.value = hertz;
	loud.gain.setValueAtTime(0.12, audio.currentTime);
	loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.12);
	wave.connect(loud).connect(audio.destination);
	wave.start();
	wave.stop(audio.currentTime + 0.13);
}

/**
 * What a tap is answered with beside the picture, as far as the maker wants it.
 *
 * @param stop  that was before the tap
 * @param makes stitches of its round
 */
export function signal({ buzz, sound, voice }: Choices, stop: Stop | undefined, makes: number, made: number): void {
	const isRound = stop !== undefined && stop.to >= makes && made < makes;
	if (buzz) navigator.vibrate?.(isRound ? [30, 40, 30] : 15);
	if (sound) tone(isRound ? 660 : 440);
	if (voice && typeof speechSynthesis !== 'undefined' && stop !== undefined) {
		speechSynthesis.cancel();
		speechSynthesis.speak(new SpeechSynthesisUtterance(isRound ? say('make.spokenRound', { round: stop.round, makes }) : String(stop.to)));
	}
}

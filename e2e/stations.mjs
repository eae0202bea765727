/** The stations by their addresses, with the names on their buttons. */
export const STATIONS = {
	yarns: 'Yarns',
	rounds: 'Rounds',
	colours: 'Colours',
	changes: 'Colour changes',
	parts: 'Parts',
	amounts: 'Yarn needed',
	pattern: 'Pattern',
};

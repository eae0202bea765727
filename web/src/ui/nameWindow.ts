/**
 * Gives the window its title. The words are changed where they stand: putting others in their place takes a node out of the page, and
 * browsers then end what Ctrl Z takes back at once, in whatever field the maker types.
 */
export function nameWindow(name: string): void {
	const words = document.querySelector('title')?.firstChild;
	if (words instanceof Text) {
		if (words.data !== name) words.data = name;
	} else document.title = name;
}

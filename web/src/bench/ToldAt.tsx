import { useProblems } from './context';

/** What is told of fields of the plan's format, beside them: of those that the path begins. */
export function ToldAt({ path }: { path: string }) {
	const told = useProblems().filter((problem) => problem.path !== undefined && (problem.path === path || problem.path.startsWith(`${path}.`)));
	return told.map(({ path: at, severity, message, mend }) => (
		<p key={`${at}${message}`} className={`mt-2 border-l-4 pl-2 ${severity === 'error' ? 'border-ink' : 'border-rule'}`}>
			{message} <span className="text-faint">{mend}</span>
		</p>
	));
}

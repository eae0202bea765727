import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';

/** What was chosen on the shelf to begin with; asked for once, not again after a reload. */
export function useBegins(): 'shape' | 'paste' | undefined {
	const { state, pathname, search } = useLocation();
	const navigate = useNavigate();
	const named = (state as { begins?: 'shape' | 'paste' } | null)?.begins;
	const [begins] = useState(named);
	useEffect(() => {
		if (named !== undefined) navigate(pathname + search, { replace: true, state: null });
	}, [named, navigate, pathname, search]);
	return begins;
}

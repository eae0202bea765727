import type { ButtonHTMLAttributes } from 'react';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
	/** strong: the one thing to do here; plain: any other; bare: within a line. */
	kind?: 'strong' | 'plain' | 'bare';
}

const looks = {
	strong: 'bg-ink text-paper border border-ink hover:bg-black px-3 min-h-9',
	plain: 'bg-sheet border border-rule hover:border-ink px-3 min-h-9',
	bare: 'underline underline-offset-4 decoration-rule hover:decoration-ink px-1 min-h-8',
};

/** In a small window a long one has several lines. */
const SHAPE = 'inline-flex items-center justify-center gap-2 whitespace-nowrap small:whitespace-normal disabled:opacity-40 aria-disabled:opacity-40';

export function Button({ kind = 'plain', className = '', type = 'button', ...rest }: Props) {
	return <button type={type} className={`${SHAPE} ${looks[kind]} ${className}`} {...rest} />;
}

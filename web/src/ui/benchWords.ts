// The words of a plan's pages come with them: the shelf is there without.
import words from '../words.bench.en.json';
import { learn } from './say';

learn(words);

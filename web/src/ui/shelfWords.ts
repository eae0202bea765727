// The words of the shelf, and of what every page has.
import words from '../words.en.json';
import { learn } from './say';

learn(words);

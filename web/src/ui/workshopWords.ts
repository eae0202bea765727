// The words of a workshop as a whole: who has it open, how it is opened elsewhere.
import words from '../words.workshop.en.json';
import { learn } from './say';

learn(words);

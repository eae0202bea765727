// The words of who is in somebody else's workshop: few are.
import words from '../words.guest.en.json';
import { learn } from './say';

learn(words);

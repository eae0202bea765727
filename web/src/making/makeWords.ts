// The words of the making page: it is small, and knows no others.
import { learn } from '../ui/say';
import words from '../words.make.en.json';

learn(words);

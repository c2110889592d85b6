import '@fontsource-variable/atkinson-hyperlegible-mono';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import { askEarly } from './lib/api/early';
import './app.css';

// The garden is asked while the browser still reads what is large.
askEarly();
void import('./show').then(({ show }) => show());

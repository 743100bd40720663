import { renderToStaticMarkup } from 'react-dom/server';
import { createElement, type ReactElement } from 'react';
import { AMERICAN } from '@/core/units/local-words';
import { saidProps, sayEverywhere } from './host';
import { LocalWordsProvider } from './local-words';

const shout = (text: string) => text.toUpperCase();
const shown = (drawn: ReactElement) => renderToStaticMarkup(<LocalWordsProvider say={shout}>{drawn}</LocalWordsProvider>);

function Room({ name }: { readonly name: string }) {
  return (
    <p title="Which colour" className="grey">
      A colour at 16:30 for {name} <b translate="no">Quiet grey</b> {['of ', 'grey']} {3} <i>plain</i>
    </p>
  );
}

test('the text of an element, and what is read out of it, are said in the words of the place; the rest is as it was', () => {
  expect(shown(<Room name="Hall" />)).toBe(
    '<p title="WHICH COLOUR" class="grey">A COLOUR AT 16:30 FOR Hall <b translate="no">Quiet grey</b> of GREY 3 <i>plain</i></p>',
  );
});

/** As a part of a package makes its element: with React's own runtime. */
const Foreign = ({ children }: { readonly children: string }) => createElement('button', null, children);
const WithForeign = () => <Foreign>Which colour</Foreign>;
test('what a part of a package is given is said before it is given', () => {
  expect(shown(<WithForeign />)).toBe('<button>WHICH COLOUR</button>');
});

test('without a place everything is said as it is written', () => {
  expect(renderToStaticMarkup(<Room name="Hall" />)).toContain('A colour at 16:30 for Hall');
});

test('an element that is made outside of drawing is said as it is written, or as everything is in a thread of its own', () => {
  expect(saidProps('p', { children: 'grey' })).toEqual({ children: 'grey' });
  sayEverywhere(shout);
  expect(saidProps('p', { children: 'grey' })).toEqual({ children: 'GREY' });
  sayEverywhere(undefined);
});

test.each(AMERICAN)('%s is looked at closely enough to become %s', (british) => {
  sayEverywhere(() => 'said');
  expect(saidProps('p', { children: `the ${british} here` })).toEqual({ children: 'said' });
  sayEverywhere(undefined);
});

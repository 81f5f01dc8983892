import type { Minor } from '../../core/money'
import type { FromDay, PieceBrings, SaleReckoning } from '../../core/sidework'
import { said } from './language'
import { plural } from './plural'
import { roughly, type Say } from './say'

/** What a piece that is sold brings, by itself and in a batch. */
export const sidework = said('sidework', {
  title: 'What one piece brings',
  working: 'Being reckoned …',
  cannot:
    'It cannot be made yet with what the plan buys by then: nothing is said of what it brings.',
  headline: (say: Say, { margin, perHour, minutes }: PieceBrings) =>
    margin < 0
      ? `Each piece costs ${say.money(Math.round(-margin))} more than it brings, and takes ${roughly(minutes)}.`
      : `${say.money(Math.round(margin))} a piece for ${roughly(minutes)} of work${perHour === undefined ? '' : `: ${say.money(Math.round(perHour))} an hour`}.`,
  caption:
    'The bar is the price of one piece: what it costs from the left, and hatched what is left for your hours.',
  single: (say: Say, { perHour, minutes }: PieceBrings) =>
    `One by itself takes ${roughly(minutes)}${perHour === undefined ? '' : ` and brings ${say.money(Math.round(perHour))} an hour`}.`,
  batch: (say: Say, { asked, paysFrom }: SaleReckoning) =>
    asked <= 0
      ? 'Say what an hour is to bring, and the batch from which it does is found.'
      : paysFrom === undefined
        ? `No batch brings the ${say.money(asked)} you ask for an hour: too small to pay, or too cheap.`
        : paysFrom === 1
          ? `Even one by itself brings the ${say.money(asked)} you ask for an hour.`
          : `From ${plural(paysFrom, 'piece', 'pieces')} together an hour brings the ${say.money(asked)} you ask for it.`,
  priceNeeded: (say: Say, price: Minor) =>
    `At ${say.money(price)} an hour would bring what you ask for it.`,
  stage: (say: Say, { day, minutes, perHour }: FromDay) =>
    `From ${say.day(day)}, with what the plan buys, one takes ${roughly(minutes)}${perHour === undefined ? '' : `: ${say.money(Math.round(perHour))} an hour`}.`,
  advice: 'Local rules for tax, permits, product safety and insurance apply: take advice.'
} as const)

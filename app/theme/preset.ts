import { definePreset } from '@primeuix/themes'
import base from '@primeuix/themes/aura/base'
import button from '@primeuix/themes/aura/button'
import checkbox from '@primeuix/themes/aura/checkbox'
import dialog from '@primeuix/themes/aura/dialog'
import inputtext from '@primeuix/themes/aura/inputtext'
import message from '@primeuix/themes/aura/message'
import multiselect from '@primeuix/themes/aura/multiselect'
import select from '@primeuix/themes/aura/select'
import slider from '@primeuix/themes/aura/slider'
import textarea from '@primeuix/themes/aura/textarea'

const SQUARE = '2px'
const NONE = 'none'

/** The same names in both schemes; what they stand for is set in the tokens. */
const COLOURS = {
  primary: {
    color: 'var(--planned)',
    contrastColor: 'var(--planned-ink)',
    hoverColor: 'var(--planned)',
    activeColor: 'var(--planned)'
  },
  highlight: {
    background: 'var(--planned-wash)',
    focusBackground: 'var(--planned-wash)',
    color: 'var(--graphite)',
    focusColor: 'var(--graphite)'
  },
  formField: {
    background: 'var(--paper-raised)',
    disabledBackground: 'var(--paper-deep)',
    borderColor: 'var(--line-strong)',
    hoverBorderColor: 'var(--graphite)',
    focusBorderColor: 'var(--focus)',
    invalidBorderColor: 'var(--attention)',
    color: 'var(--graphite)',
    disabledColor: 'var(--graphite-soft)',
    placeholderColor: 'var(--graphite-soft)',
    iconColor: 'var(--graphite-soft)',
    shadow: NONE
  },
  text: {
    color: 'var(--graphite)',
    hoverColor: 'var(--graphite)',
    mutedColor: 'var(--graphite-soft)',
    hoverMutedColor: 'var(--graphite)'
  },
  content: {
    background: 'var(--paper)',
    hoverBackground: 'var(--paper-deep)',
    borderColor: 'var(--line-strong)',
    color: 'var(--graphite)',
    hoverColor: 'var(--graphite)'
  },
  overlay: {
    select: {
      background: 'var(--paper-raised)',
      borderColor: 'var(--graphite)',
      color: 'var(--graphite)'
    },
    modal: {
      background: 'var(--paper)',
      borderColor: 'var(--graphite)',
      color: 'var(--graphite)'
    }
  },
  list: {
    option: {
      focusBackground: 'var(--planned-faint)',
      selectedBackground: 'var(--planned-wash)',
      selectedFocusBackground: 'var(--planned-wash)',
      color: 'var(--graphite)',
      focusColor: 'var(--graphite)',
      selectedColor: 'var(--graphite)',
      selectedFocusColor: 'var(--graphite)'
    }
  },
  mask: { background: 'rgb(20 18 14 / 0.45)', color: 'var(--graphite)' }
}

/** Our own look on PrimeVue's parts: the colours of `tokens.css`, square corners, no shadows. Light and dark come from the tokens. */
export const preset = definePreset(
  {
    ...base,
    components: {
      button,
      checkbox,
      dialog,
      inputtext,
      message,
      multiselect,
      select,
      slider,
      textarea
    }
  },
  {
    primitive: {
      borderRadius: { none: '0', xs: SQUARE, sm: SQUARE, md: SQUARE, lg: SQUARE, xl: SQUARE }
    },
    semantic: {
      primary: { color: 'var(--planned)' },
      focusRing: {
        width: '2px',
        style: 'solid',
        color: 'var(--focus)',
        offset: '2px',
        shadow: NONE
      },
      formField: { borderRadius: SQUARE, paddingX: '0.6rem', paddingY: '0.35rem', shadow: NONE },
      overlay: {
        select: { borderRadius: SQUARE, shadow: NONE },
        popover: { borderRadius: SQUARE, shadow: NONE },
        modal: { borderRadius: SQUARE, shadow: NONE, padding: '1.25rem' }
      },
      colorScheme: Object.fromEntries(
        (['light', 'dark'] as const).map((scheme) => [scheme, COLOURS])
      )
    },
    components: {
      message: {
        root: { borderRadius: SQUARE, borderWidth: '1px' },
        colorScheme: Object.fromEntries(
          (['light', 'dark'] as const).map((scheme) => [
            scheme,
            {
              info: {
                background: 'var(--planned-faint)',
                borderColor: 'var(--planned)',
                color: 'var(--graphite)',
                shadow: NONE
              },
              warn: {
                background: 'var(--paper-raised)',
                borderColor: 'var(--hazard)',
                color: 'var(--graphite)',
                shadow: NONE
              },
              error: {
                background: 'var(--attention-wash)',
                borderColor: 'var(--attention)',
                color: 'var(--graphite)',
                shadow: NONE
              }
            }
          ])
        )
      },
      slider: {
        track: { background: 'var(--line-strong)', borderRadius: SQUARE, size: '3px' },
        range: { background: 'var(--planned)' },
        handle: {
          width: '14px',
          height: '20px',
          borderRadius: SQUARE,
          background: 'var(--graphite)',
          hoverBackground: 'var(--planned)',
          content: {
            borderRadius: SQUARE,
            background: 'var(--paper-raised)',
            hoverBackground: 'var(--paper-raised)',
            width: '10px',
            height: '16px',
            shadow: NONE
          }
        }
      },
      button: {
        root: {
          borderRadius: SQUARE,
          paddingX: '0.8rem',
          paddingY: '0.38rem',
          label: { fontWeight: '600' },
          raisedShadow: NONE
        },
        colorScheme: Object.fromEntries(
          (['light', 'dark'] as const).map((scheme) => [
            scheme,
            {
              root: {
                primary: {
                  background: 'var(--planned)',
                  hoverBackground: 'var(--planned)',
                  activeBackground: 'var(--planned)',
                  borderColor: 'var(--planned)',
                  hoverBorderColor: 'var(--graphite)',
                  activeBorderColor: 'var(--graphite)',
                  color: 'var(--planned-ink)',
                  hoverColor: 'var(--planned-ink)',
                  activeColor: 'var(--planned-ink)'
                },
                secondary: {
                  background: 'var(--paper-raised)',
                  hoverBackground: 'var(--paper-deep)',
                  activeBackground: 'var(--paper-deep)',
                  borderColor: 'var(--graphite)',
                  hoverBorderColor: 'var(--graphite)',
                  activeBorderColor: 'var(--graphite)',
                  color: 'var(--graphite)',
                  hoverColor: 'var(--graphite)',
                  activeColor: 'var(--graphite)'
                }
              },
              text: {
                secondary: {
                  color: 'var(--graphite)',
                  hoverBackground: 'var(--paper-deep)',
                  activeBackground: 'var(--paper-deep)'
                }
              }
            }
          ])
        )
      }
    }
  }
)

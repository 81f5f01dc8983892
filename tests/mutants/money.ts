// All tests that hold this room as one file: a change is then asked about in one go.
import '../../core/money/money.test'
import '../../core/units/length.test'

// All tests that hold this room as one file: a change is then asked about in one go.
import '../../core/ledger/added.test'
import '../../core/ledger/by-hand.test'
import '../../core/ledger/fields.test'
import '../../core/ledger/ledger.test'
import '../../core/ledger/rows.test'
import '../../core/workspace/pieces.test'
import '../../core/workspace/purchases.test'

// All tests that hold this room as one file: a change is then asked about in one go.
import '../../core/plan/evaluate.test'
import '../../core/plan/money.test'
import '../../core/plan/objective.test'
import '../../core/plan/rules.test'
import '../../core/search/choices.test'

import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { answers } from './answer'
import { serve } from './serve'

serve(answers, ({ workspace, today }) => worldOf(workspace, library, today))

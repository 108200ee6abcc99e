import { RecipeRequest, type RecipeResponse } from '@jovrin/contract'
import { blend, blendAndRemineralise, remineralise, saltRecipe, type Recipe } from '@jovrin/core'
import { Router } from 'express'

/** Grams and shares for any water, without a tank being kept. */
export const recipeRoutes = (): Router =>
  Router().post('/recipes', (req, res) => {
    const answer: RecipeResponse = recipeOf(RecipeRequest.parse(req.body)) satisfies Recipe
    res.json(answer)
  })

function recipeOf(task: RecipeRequest): Recipe {
  switch (task.kind) {
    case 'recipe':
      return saltRecipe(task)
    case 'remineralise':
      return remineralise({ litres: task.changeLitres, base: task.baseWater, targets: task.targets, salts: task.salts })
    case 'blend':
      return blend(task)
    case 'blend-and-remineralise':
      return blendAndRemineralise({ ...task, litres: task.changeLitres })
  }
}

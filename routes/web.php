<?php

declare(strict_types=1);

use App\Http\Controllers\AbsorptionController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\CookController;
use App\Http\Controllers\CooksFileController;
use App\Http\Controllers\DishController;
use App\Http\Controllers\DishFileController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\FirstMinutesController;
use App\Http\Controllers\GlassController;
use App\Http\Controllers\HeatController;
use App\Http\Controllers\HouseholdController;
use App\Http\Controllers\KitchenController;
use App\Http\Controllers\KitchensController;
use App\Http\Controllers\KitchenThingController;
use App\Http\Controllers\LanguageController;
use App\Http\Controllers\ListController;
use App\Http\Controllers\MealController;
use App\Http\Controllers\MealCookController;
use App\Http\Controllers\MeterController;
use App\Http\Controllers\NextTimeController;
use App\Http\Controllers\NotebookController;
use App\Http\Controllers\PastMealsController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhoneController;
use App\Http\Controllers\PhotographController;
use App\Http\Controllers\PracticeClockController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StoveTestController;
use App\Http\Controllers\SupperController;
use App\Http\Controllers\VersionController;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/shelf');
Route::get(
    '/token',
    static fn () => response()->json(['token' => csrf_token()])->header('Cache-Control', 'no-store'),
)->name('token');
Route::view('/offline', 'errors.offline')->name('offline');
Route::get('/phone', [PhoneController::class, 'show'])->name('phone');
Route::get('/phone/certificate', [PhoneController::class, 'certificate'])->name('phone.certificate');
Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
Route::post('/sign-in', [SignInController::class, 'try'])->name('sign-in.try');
Route::post('/sign-out', [SignInController::class, 'out'])->name('sign-out');
Route::get('/join/{token}', [SignInController::class, 'invited'])->name('join');
Route::post('/join/{token}', [SignInController::class, 'join'])->name('join.take');
Route::get('/people', [PeopleController::class, 'index'])->name('people');
Route::post('/people/invite', [PeopleController::class, 'invite'])->name('people.invite');
Route::post('/people/passphrase', [PeopleController::class, 'passphrase'])->name('people.passphrase');
Route::post('/people/devices/{device}/out', [PeopleController::class, 'signOut'])->name('people.device.out');
Route::post('/people/{member}/role', [PeopleController::class, 'role'])->name('people.role');
Route::post('/people/{member}/away', [PeopleController::class, 'away'])->name('people.away');
Route::get('/begin/{step?}', [FirstMinutesController::class, 'show'])->name('begin');
Route::post('/begin/dish', [FirstMinutesController::class, 'begin'])->name('begin.dish');
Route::post('/begin/{step}/look', [FirstMinutesController::class, 'look'])->name('begin.look');
Route::post('/begin/{step}', [FirstMinutesController::class, 'answer'])->name('begin.answer');
Route::post('/demo/in', [HouseholdController::class, 'demo'])->name('demo.in');
Route::post('/demo/own', [HouseholdController::class, 'own'])->name('demo.own');
Route::get('/demo/away', [HouseholdController::class, 'ask'])->name('demo.ask');
Route::post('/demo/away', [HouseholdController::class, 'away'])->name('demo.away');

Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');

Route::get('/shelf/put-away', [ShelfController::class, 'putAway'])->name('shelf.put-away');

Route::get('/pot', [DishController::class, 'last'])->defaults('place', 'pot')->name('pot.last');
Route::get('/clock', [DishController::class, 'last'])->defaults('place', 'clock')->name('clock.last');
Route::get('/dishes/{dish}', [DishController::class, 'pot'])->name('pot');
Route::get('/dishes/{dish}/clock', [DishController::class, 'clock'])->name('clock');
Route::get('/dishes/{dish}/more/{station}', [DishController::class, 'more'])->name('pot.more');
Route::patch('/dishes/{dish}', [DishController::class, 'change'])->name('dish.change');

Route::get('/dishes/{dish}/heat/at/{minute}', [HeatController::class, 'at'])->whereNumber('minute')->name('heat.at');
Route::get('/dishes/{dish}/heat/plans', [HeatController::class, 'plans'])->name('heat.plans');
Route::get('/dishes/{dish}/heat/right', [HeatController::class, 'right'])->name('heat.right');
Route::get('/dishes/{dish}/heat/near', [HeatController::class, 'near'])->name('heat.near');
Route::get('/dishes/{dish}/heat/mends', [HeatController::class, 'mends'])->name('heat.mends');
Route::get('/dishes/{dish}/heat/surer', [HeatController::class, 'surer'])->name('heat.surer');
Route::get('/dishes/{dish}/heat/sure', [HeatController::class, 'sure'])->name('heat.sure');
Route::get('/dishes/{dish}/heat/whatif', [HeatController::class, 'whatIf'])->name('heat.whatif');

Route::get('/dishes/{dish}/file', [DishFileController::class, 'export'])->name('dish.export');
Route::get('/dishes/{dish}/recipe', [DishFileController::class, 'recipe'])->name('dish.recipe');
Route::post('/recipes', [DishFileController::class, 'fromRecipe'])->name('dish.from-recipe');
Route::post('/schools', [DishFileController::class, 'start'])->name('dish.start');
Route::get('/dishes/{dish}/list', [ListController::class, 'show'])->name('dish.list');
Route::post('/dishes/{dish}/list', [ListController::class, 'tick'])->name('dish.tick');
Route::post('/kitchen/pantry', [ListController::class, 'pantry'])->name('pantry');
Route::get('/dishes/{dish}/versions', [VersionController::class, 'index'])->name('dish.versions');
Route::post('/dishes/{dish}/versions/{version}', [VersionController::class, 'takeBack'])->name('dish.version.back');
Route::post('/dishes/{dish}/copy', [DishFileController::class, 'copy'])->name('dish.copy');
Route::post('/dishes/{dish}/away', [DishFileController::class, 'putAway'])->name('dish.away');
Route::post('/dishes/{id}/back', [DishFileController::class, 'takeOut'])->name('dish.back');
Route::post('/files', [DishFileController::class, 'preview'])->name('dish.preview');
Route::post('/dishes', [DishFileController::class, 'import'])->name('dish.import');

Route::post('/meals', [MealController::class, 'begin'])->name('meal.begin');
Route::post('/meals/back', [MealController::class, 'back'])->name('meal.back');
Route::post('/meals/files', [MealController::class, 'preview'])->name('meal.preview');
Route::post('/meals/import', [MealController::class, 'import'])->name('meal.import');
Route::get('/meals/{meal}', [MealController::class, 'show'])->name('meal');
Route::patch('/meals/{meal}', [MealController::class, 'change'])->name('meal.change');
Route::post('/meals/{meal}/better', [MealController::class, 'better'])->name('meal.better');
Route::get('/meals/{meal}/list', [MealController::class, 'list'])->name('meal.list');
Route::get('/meals/{meal}/calendar', [MealController::class, 'calendar'])->name('meal.calendar');
Route::get('/meals/{meal}/file', [MealController::class, 'file'])->name('meal.file');
Route::get('/meals/{meal}/versions', [MealController::class, 'versions'])->name('meal.versions');
Route::post('/meals/{meal}/versions/{mealVersion}', [MealController::class, 'takeBack'])->name('meal.version.back');
Route::post('/meals/{meal}/away', [MealController::class, 'away'])->name('meal.away');

Route::post('/meals/{meal}/without/{place}', [MealController::class, 'without'])->whereNumber('place')->name('meal.without');
Route::post('/meals/{meal}/cooked', [PastMealsController::class, 'cooked'])->name('meal.cooked');
Route::post('/meals/{meal}/again', [PastMealsController::class, 'again'])->name('meal.again');
Route::post('/meal-cooks/{mealCook}/again', [PastMealsController::class, 'cookedAgain'])->name('meal-cook.again');
Route::get('/notebook/meals', [PastMealsController::class, 'index'])->name('notebook.meals');

Route::post('/meals/{meal}/cooks', [MealCookController::class, 'begin'])->name('meal-cook.begin');
Route::get('/meal-cooks/{mealCook}', [MealCookController::class, 'show'])->name('meal-cook');
Route::get('/meal-cooks/{mealCook}/body', [MealCookController::class, 'body'])->name('meal-cook.body');
Route::get('/meal-cooks/{mealCook}/alone', [MealCookController::class, 'alone'])->name('meal-cook.alone');
Route::post('/meal-cooks/{mealCook}/events', [MealCookController::class, 'events'])->name('meal-cook.events');
Route::post('/meal-cooks/{mealCook}/give-up', [MealCookController::class, 'giveUp'])->name('meal-cook.give-up');

Route::post('/dishes/{dish}/cooks', [MealCookController::class, 'beginDish'])->name('cook.begin');
Route::get('/stove', [MealCookController::class, 'current'])->name('stove');
Route::get('/cooks/{cook}', [CookController::class, 'show'])->name('cook');
Route::get('/cooks/{cook}/body', [CookController::class, 'body'])->name('cook.body');
Route::post('/cooks/{cook}/events', [CookController::class, 'events'])->name('cook.events');

Route::get('/cooks/{cook}/rescue/{complaint}', [CookController::class, 'rescue'])->name('cook.rescue');
Route::post('/cooks/{cook}/probe', [CookController::class, 'probe'])->name('cook.probe');
Route::get('/cooks/{cook}/record', [RecordController::class, 'show'])->name('cook.record');
Route::post('/cooks/{cook}/remarks', [RecordController::class, 'remark'])->name('cook.remark');
Route::post('/cooks/{cook}/leftovers', [RecordController::class, 'leftovers'])->name('cook.leftovers');
Route::post('/cooks/{cook}/yesterday', [RecordController::class, 'yesterday'])->name('cook.yesterday');

Route::get('/cooks/{cook}/next', [NextTimeController::class, 'show'])->name('cook.next');
Route::post('/cooks/{cook}/next', [NextTimeController::class, 'take'])->name('cook.next.take');
Route::post('/cooks/{cook}/again', [NextTimeController::class, 'again'])->name('cook.again');
Route::post('/cooks/{cook}/taught', [RecordController::class, 'takeBack'])->name('cook.taught');
Route::post('/cooks/{cook}/photographs', [PhotographController::class, 'keep'])->name('photographs.keep');
Route::get('/photographs/{photograph}', [PhotographController::class, 'show'])->name('photograph');
Route::post('/photographs/{photograph}/crust', [PhotographController::class, 'measure'])->name('photograph.measure');
Route::post('/photographs/{photograph}/grains', [GlassController::class, 'grain'])->name('photograph.grain');
Route::post('/photographs/{photograph}/away', [PhotographController::class, 'away'])->name('photograph.away');

Route::get('/notebook', [NotebookController::class, 'index'])->name('notebook');
Route::post('/notebook/read', [NotebookController::class, 'read'])->name('notebook.read');
Route::get('/notebook/cooks.csv', [CooksFileController::class, 'file'])->name('cooks.file');
Route::post('/notebook/look', [CooksFileController::class, 'look'])->name('cooks.look');
Route::post('/notebook/table', [CooksFileController::class, 'take'])->name('cooks.take');
Route::get('/notebook/compare', [NotebookController::class, 'compare'])->name('notebook.compare');
Route::get('/notebook/versus', [NotebookController::class, 'versus'])->name('notebook.versus');
Route::get('/notebook/trends', [NotebookController::class, 'trends'])->name('notebook.trends');

Route::view('/care', 'care.index')->name('care');

Route::get('/kitchen', [KitchenController::class, 'index'])->name('kitchen');
Route::post('/kitchen/lots', [KitchenController::class, 'addLot'])->name('lots');
Route::get('/kitchen/lots/{id}', [KitchenController::class, 'bag'])->name('lot');
Route::post('/kitchen/lots/{id}/tests', [KitchenController::class, 'test'])->name('lot.test');
Route::post('/dishes/{dish}/own-minutes', [KitchenController::class, 'ownMinutes'])->name('dish.own-minutes');
Route::post('/kitchen/lots/{id}/glass', [GlassController::class, 'bag'])->name('lot.glass');
Route::post('/kitchen/lots/{id}/tests/{test}/back', [KitchenController::class, 'takeBack'])->name('lot.test.back');

Route::post('/language', [LanguageController::class, 'choose'])->name('language');
Route::post('/kitchen/units', [KitchenController::class, 'units'])->name('units');
Route::get('/kitchen/things', [KitchenThingController::class, 'index'])->name('kitchen.things');
Route::post('/kitchen/place', [KitchenThingController::class, 'place'])->name('kitchen.place');
Route::get('/kitchens/{kitchen}/versions', [KitchenThingController::class, 'versions'])->name('kitchen.versions');
Route::post('/kitchen/undo', [KitchenThingController::class, 'undo'])->name('kitchen.undo');
Route::post('/kitchen/things/{thing}/{id}/away', [KitchenThingController::class, 'away'])->name('kitchen.thing.away');
Route::post('/kitchen/things/{thing}/{id?}', [KitchenThingController::class, 'save'])->name('kitchen.thing');
Route::post('/kitchen/meters', [MeterController::class, 'make'])->name('meters.make');
Route::post('/kitchen/meters/{meter}/away', [MeterController::class, 'away'])->name('meters.away');
Route::post(
    '/devices/{token}/readings', [MeterController::class, 'reading'],
)->middleware('throttle:readings')->name('reading');
Route::get('/archive/file', [ArchiveController::class, 'file'])->name('archive.file');
Route::post('/archive/look', [ArchiveController::class, 'look'])->name('archive.look');
Route::post('/archive', [ArchiveController::class, 'take'])->name('archive.take');
Route::get('/kitchen/file', [KitchensController::class, 'file'])->name('kitchens.file');
Route::post('/kitchen/files', [KitchensController::class, 'preview'])->name('kitchens.preview');
Route::post('/kitchens', [KitchensController::class, 'import'])->name('kitchens.import');
Route::post('/kitchens/back', [KitchensController::class, 'back'])->name('kitchens.back');
Route::post('/kitchens/{kitchen}/use', [KitchensController::class, 'takeInUse'])->name('kitchens.use');
Route::post('/kitchens/{kitchen}/away', [KitchensController::class, 'away'])->name('kitchens.away');
Route::get('/kitchen/stoves', [StoveTestController::class, 'index'])->name('stoves');
Route::post('/kitchen/stoves', [StoveTestController::class, 'store'])->name('stoves.test');
Route::post('/kitchen/stoves/tests/{test}/back', [StoveTestController::class, 'takeBack'])->name('stoves.test.back');
Route::post(
    '/kitchen/stoves/cooks/{cook}/back',
    [StoveTestController::class, 'takeBackCook'],
)->name('stoves.cook.back');
Route::get('/kitchen/absorption', AbsorptionController::class)->name('absorption');

Route::get('/drill', [DrillController::class, 'show'])->name('drill');
Route::post('/drill/sessions', [DrillController::class, 'begin'])->name('drill.begin');
Route::get('/drill/sessions/{session}', [DrillController::class, 'session'])->name('drill.session');
Route::post('/drill/name', [DrillController::class, 'name'])->name('drill.name');
Route::post('/drill/own', [DrillController::class, 'own'])->name('drill.own');
Route::post('/drill/lift', [DrillController::class, 'lift'])->name('drill.lift');

Route::post('/drill/supper', [SupperController::class, 'begin'])->name('supper.begin');
Route::get('/cooks/{cook}/senses', [SupperController::class, 'senses'])->name('supper.senses');
Route::post('/meal-cooks/{mealCook}/clock', [SupperController::class, 'turn'])->name('supper.clock');
Route::get('/meal-cooks/{mealCook}/supper', [SupperController::class, 'end'])->name('supper.end');

Route::post('/practice-clock', PracticeClockController::class)->name('practice-clock');

<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Trace\Suspect\NoticedSymptom;
use GoodRinse\Core\Trace\Suspect\SuspectGroup;
use GoodRinse\Core\Trace\Suspect\SuspectModel;

/** Which causes are suspects, and whether one fault explains what was noticed or several: `calc suspects`. */
final readonly class SuspectsModel implements Model
{
    private const MOST = 8;

    public function __construct(private Handbook $handbook)
    {
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['causes', 'symptoms', 'present']);
        $rules = $this->handbook->faultRules();
        $weights = $known = $noticed = [];
        foreach ($in['causes']->list(1) as $cause) {
            $each = $cause->object(['id', 'weight', 'wear']);
            $id = self::fresh($each['id'], $weights);
            $wear = null === $each['wear']->raw() ? null : $each['wear']->number(0);
            $weights[$id] = SuspectModel::weight($each['weight']->number(0), $wear, $rules);
        }
        foreach ($in['symptoms']->list(1) as $symptom) {
            $each = $symptom->object(['id', 'grave', 'else', 'given']);
            $id = self::fresh($each['id'], $known);
            $given = [];
            foreach ($each['given']->members() as $cause => $chance) {
                $given[(string) $cause] = isset($weights[$cause])
                    ? $chance->fraction()->value
                    : throw $chance->bad("there is no cause \"$cause\"");
            }
            $known[$id] = new NoticedSymptom($id, $each['grave']->number(0), $each['else']->fraction()->value, $given);
        }
        foreach ($in['present']->list(1) as $place => $present) {
            $id = self::fresh($present, $noticed);
            $noticed[$id] = $known[$id] ?? throw $present->bad("there is no symptom \"$id\"");
            if ($place >= self::MOST) {
                throw $in['present']->bad('must hold at most '.self::MOST);
            }
        }
        $groups = (new SuspectModel($weights, array_values($noticed), $rules))->groups();

        return ['groups' => array_map(static fn (SuspectGroup $group): array => [
            'symptoms' => $group->symptoms,
            'suspects' => (object) $group->suspects,
        ], $groups)];
    }

    /** @param array<array-key, mixed> $taken */
    private static function fresh(Json $place, array $taken): string
    {
        $id = $place->text();

        return array_key_exists($id, $taken) ? throw $place->bad("\"$id\" is there already") : $id;
    }
}

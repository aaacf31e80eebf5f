<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\LiveRun;
use App\Models\PracticeState;
use App\Models\Shop;
use DustyJet\Quantity\Turns;
use Illuminate\Foundation\Http\FormRequest;

/** A screw of a virtual engine is turned, or its throttle moved: in the demo only. */
final class UpdateStandInRequest extends FormRequest
{
    use AppendsToLog {
        authorize as private mayAppend;
    }

    public function authorize(): bool
    {
        $run = $this->route('run');
        $isVirtual = $run instanceof LiveRun && $run->ended_at === null && $run->setUp()->practice !== null;

        return Shop::isDemo() && $isVirtual && $this->mayAppend();
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'screw' => ['required', 'string', 'max:40'],
            'units' => ['required', 'integer', 'min:0', 'max:'.Turns::MOST_UNITS],
            'full' => ['required', 'boolean'],
        ];
    }

    public function turned(?PracticeState $before): PracticeState
    {
        $state = $before ?? new PracticeState(1);

        return $state->turning($this->string('screw')->toString(), $this->integer('units'), $this->boolean('full'));
    }
}

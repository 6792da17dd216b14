<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Models\Box;
use App\Pages\Plan\BoxSheets;
use App\Pages\Plan\Picker;
use App\Pages\Plan\PickerState;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\Support\HtmlString;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Symfony\Component\HttpFoundation\Response;

/** A box's sheet after a change: the sheet alone for htmx, the way back to its page for a plain form. */
final readonly class SheetResponse implements Responsable
{
    private function __construct(
        private Box $box,
        private string $said,
        private ?MessageBag $errors,
        private string $bag,
        private bool $isChange,
        private string $undo = '',
        private bool $isAfresh = false,
    ) {}

    public static function shown(Box $box): self
    {
        return new self($box, '', null, 'default', false);
    }

    /** @param string $undo the address at which it is undone; empty where it cannot be */
    public static function changed(Box $box, string $said, string $undo = ''): self
    {
        return new self($box, $said, null, 'default', true, $undo);
    }

    public static function refused(Box $box, MessageBag $errors, string $bag): self
    {
        return new self($box, '', $errors, $bag, true);
    }

    /** Get the fields by which a sheet shows the same after a change. */
    public static function stateFields(PickerState $state): HtmlString
    {
        return new HtmlString(view('plan.partials.state', ['state' => $state])->render());
    }

    /** The next new thing is likely of another kind, so its form starts afresh. */
    public function askingAfresh(): self
    {
        return new self($this->box, $this->said, $this->errors, $this->bag, $this->isChange, $this->undo, true);
    }

    /** @param Request $request */
    public function toResponse($request): Response
    {
        $state = $this->isChange ? PickerState::beside($request) : PickerState::of($request);
        if ($this->isAfresh) {
            // A controller's own request is a copy: the page is made of this one.
            $request->merge(['kind' => null]);
            $state = $state->afresh();
        }
        if ($this->isChange && ! PageOrFragment::isPart($request)) {
            return $this->wayBack($request, $state);
        }
        if ($this->errors !== null) {
            session()->now('_old_input', $request->except(['_token']));
            view()->share('errors', (new ViewErrorBag)->put($this->bag, $this->errors));
        }
        $box = $this->box->unsetRelation('pieces');
        $sheets = resolve(BoxSheets::class);
        $isPicker = $this->isAskedForPicker($request, $state);
        $page = view($isPicker ? 'plan.picker' : 'plan.show', [
            'sheet' => $isPicker ? $sheets->untried($box) : $sheets->tried($box),
            'state' => $state,
            'stateFields' => self::stateFields($state),
            'picker' => resolve(Picker::class),
        ]);

        $part = $isPicker ? 'picker' : 'sheet';
        $response = (new PageOrFragment($page, $part, $this->errors === null ? 200 : 422))->toResponse($request);
        $says = array_filter(
            ['said' => $this->said, 'undo' => $this->undo, 'wrong' => $this->wrong()],
            static fn (string $words): bool => $words !== '',
        );

        if (! $isPicker && self::isAskedBeside($request)) {
            $response->headers->set('HX-Retarget', '#sheet');
        }

        return $says === [] ? $response : PageOrFragment::saying($response, $says);
    }

    /** Determine if only the picker is to be brought, as it is when it is opened and while she types what she seeks. */
    private function isAskedForPicker(Request $request, PickerState $state): bool
    {
        return self::isAskedBeside($request) && ! $this->isChange && $state->isOpen && $this->box->stage->isOpen();
    }

    private static function isAskedBeside(Request $request): bool
    {
        return PageOrFragment::isPart($request)
            && str_ends_with((string) $request->headers->get('HX-Target'), '#beside');
    }

    /** Get the one thing that is wrong, or how many things are; empty where nothing is. */
    private function wrong(): string
    {
        $count = $this->errors?->count() ?? 0;

        return $count > 1 ? trans_choice('answer.wrong', $count) : (string) $this->errors?->first();
    }

    private function wayBack(Request $request, PickerState $state): Response
    {
        $back = redirect()->to(route('boxes.show', [$this->box, ...$state->query()]), 303);

        return $this->errors === null
            ? $back->with('said', $this->said)->with('undo', $this->undo)
            : $back->withErrors($this->errors, $this->bag)->withInput($request->except(['_token']));
    }
}

<?php

namespace App\Http\Kit;

use App\Actions\LayingOut;
use App\Actions\Remember;
use App\Actions\Shelf;
use App\Actions\Shopping;
use App\Http\Shared\Controller;
use App\Models\Programme;
use App\Models\Version;
use App\Sheet\CutFiles;
use App\Sheet\ShoppingPdf;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\StockMove;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The list for the shop, for all rooms of a programme or some, and what was ticked off on it. */
class ShoppingController extends Controller
{
    public function __construct(private readonly Shopping $shopping, private readonly DataFiles $data)
    {
    }

    #[OA\Get(path: '/programmes/{programme}/shopping', operationId: 'shopping', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'rooms', schema: new OA\Schema(type: 'string'), description: 'Numbers of rooms with commas between; all where not given'),
    ], responses: [
        new OA\Response(response: 200, description: 'What to buy', content: new OA\JsonContent(ref: '#/components/schemas/Shopping')),
    ])]
    public function show(ShoppingRequest $request, Programme $programme): JsonResponse
    {
        $versions = $this->shopping->versions($programme, $request->rooms());

        $ticket = $request->header('X-Ticket');
        $meanwhile = is_string($ticket) && preg_match('/^[A-Za-z0-9-]{8,64}$/', $ticket) === 1 ? (new LayingOut($this->person($request), $ticket))->telling() : null;

        return new JsonResponse($this->told($request, $programme, $versions, $meanwhile));
    }

    #[OA\Get(path: '/layouts/{ticket}', operationId: 'layingOut', parameters: [new OA\PathParameter(name: 'ticket', description: 'As it was sent with the question, in the header X-Ticket', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'How far it is', content: new OA\JsonContent(type: 'object', required: ['share'], properties: [new OA\Property(property: 'share', type: 'number')])),
    ])]
    public function progress(Request $request, string $ticket): JsonResponse
    {
        return new JsonResponse(['share' => round((new LayingOut($this->person($request), $ticket))->done(), 3)]);
    }

    #[OA\Delete(path: '/layouts/{ticket}', operationId: 'endLayout', parameters: [new OA\PathParameter(name: 'ticket', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 204, description: 'It goes on no longer'),
    ])]
    public function cancel(Request $request, string $ticket): Response
    {
        (new LayingOut($this->person($request), $ticket))->end();

        return new Response(status: 204);
    }

    #[OA\Get(path: '/programmes/{programme}/shopping.csv', operationId: 'shoppingFile', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\QueryParameter(name: 'rooms', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'The list for a spreadsheet', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))),
    ])]
    public function file(ShoppingRequest $request, Programme $programme): Response
    {
        $versions = $this->shopping->versions($programme, $request->rooms());
        if ($versions === []) {
            throw new NotFoundHttpException;
        }

        return new Response(CutFiles::csv($this->shopping->kit($programme, $versions)->list), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="shopping-list.csv"']);
    }

    #[OA\Get(path: '/programmes/{programme}/shopping.pdf', operationId: 'shoppingSheet', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\QueryParameter(name: 'rooms', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'The list on paper', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function paper(ShoppingRequest $request, Programme $programme): Response
    {
        $versions = $this->shopping->versions($programme, $request->rooms());
        if ($versions === []) {
            throw new NotFoundHttpException;
        }

        return new Response(ShoppingPdf::of($programme, $versions, $this->shopping->kit($programme, $versions), $this->person($request)->measure), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="shopping-list.pdf"']);
    }

    #[OA\Put(path: '/programmes/{programme}/shopping/ticks', operationId: 'tickOff', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: TickRequest::class)), responses: [
        new OA\Response(response: 204, description: 'Kept, where nobody ticked later'),
    ])]
    public function tick(TickRequest $request, Programme $programme): Response
    {
        $person = $this->person($request)->id;
        DB::transaction(function () use ($request, $programme, $person): void {
            foreach ($request->ticks() as $tick) {
                // A phone whose clock is ahead must not hold its ticks against all that come.
                $at = Carbon::createFromTimestampMs(min($tick['at'], (int) now()->valueOf()));
                $key = ['programme_id' => $programme->id, 'part' => $tick['part']];
                $kept = DB::table('shopping_ticks')->where($key)->lockForUpdate()->first();
                if ($kept === null || Carbon::parse($kept->ticked_at)->lte($at)) {
                    DB::table('shopping_ticks')->updateOrInsert($key, ['ticked' => $tick['ticked'], 'ticked_at' => $at->format('Y-m-d H:i:s.v'), 'person_id' => $person]);
                }
            }
        });

        return new Response(status: 204);
    }

    #[OA\Post(path: '/programmes/{programme}/shopping/bought', operationId: 'bookBought', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object', properties: [new OA\Property(property: 'rooms', type: 'string')])), responses: [
        new OA\Response(response: 201, description: 'All that was ticked off is in stock now', content: new OA\JsonContent(ref: '#/components/schemas/Shopping')),
    ])]
    public function bought(ShoppingRequest $request, Programme $programme, Shelf $shelf): JsonResponse
    {
        $versions = $this->shopping->versions($programme, $request->rooms());
        $person = $this->person($request);
        if ($versions !== []) {
            DB::transaction(function () use ($programme, $versions, $person, $shelf): void {
                $ticked = DB::table('shopping_ticks')->where('programme_id', $programme->id)->where('ticked', true)->lockForUpdate()->pluck('part')->all();
                $lines = array_filter($this->shopping->kit($programme, $versions)->list->lines, fn (ShoppingLine $line): bool => in_array($line->part, $ticked, true) && $line->needed > $line->fromStock);
                foreach ($lines as $line) {
                    $shelf->move($programme, $person, $line->kind->part(), $line->part, StockMove::Bought, $line->bought(), null, 'shopping list');
                }
                DB::table('shopping_ticks')->where('programme_id', $programme->id)->delete();
                if ($lines !== []) {
                    Remember::that('shopping_booked', $programme->id, null, ['count' => count($lines)]);
                }
            });
        }

        return new JsonResponse($this->told($request, $programme, $versions), 201);
    }

    /**
     * @param  list<Version>  $versions
     * @param  Closure(float): void|null  $meanwhile
     * @return array<string, mixed>
     */
    private function told(ShoppingRequest $request, Programme $programme, array $versions, ?Closure $meanwhile = null): array
    {
        $kit = $versions === [] ? null : $this->shopping->kit($programme, $versions, $meanwhile);

        // Clean air as bought purifiers are compared by (AHAM AC-1).
        return ShoppingData::of($programme, $versions, $kit, $this->data->pollutants()->get('cadr-smoke'), $this->shopping->misfits($versions), $this->shopping->beyond($programme, $request->rooms()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpFoundation\Response;

/**
 * A page of ours printed in the answer to what was just sent, as if it had been asked for: no second trip over the shop's
 * network. The middleware of this request stands for both; policies are asked by the page's own controller.
 */
final readonly class SameTrip
{
    public function __construct(private Router $router)
    {
    }

    /** @return Response the page of an address, as htmx asks for it */
    public function to(string $address, Request $now): Response
    {
        $asked = Request::create($address, 'GET', [], $now->cookies->all(), [], $now->server->all());
        $asked->headers->replace(['HX-Request' => 'true', 'Host' => $now->headers->get('Host', '')]);
        $asked->setLaravelSession($now->session());
        $asked->setUserResolver($now->getUserResolver());
        $route = $this->router->getRoutes()->match($asked);
        $asked->setRouteResolver(static fn () => $route);
        app()->instance('request', $asked);
        try {
            $this->router->substituteBindings($route);
            $this->router->substituteImplicitBindings($route);

            return $this->router->prepareResponse($asked, $route->run());
        } finally {
            app()->instance('request', $now);
        }
    }
}

<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\ProblemView;

/** What the firewall says, in the same words and form as everything else. */
final class SignInAnswers implements AuthenticationSuccessHandlerInterface, AuthenticationFailureHandlerInterface, AuthenticationEntryPointInterface
{
    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        return new JsonResponse(new DoneView());
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ($exception instanceof CustomUserMessageAuthenticationException) {
            $status = $exception->getCode();

            return Problems::response(
                new ProblemView(
                    'about:blank',
                    'Not signed in',
                    $status,
                    strtr($exception->getMessageKey(), $exception->getMessageData()),
                    [],
                ),
            );
        }

        return Problems::response(
            new ProblemView(
                'about:blank',
                'Not signed in',
                401,
                'Name and password do not go together. Check both.',
                [],
            ),
        );
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Problems::response(new ProblemView('about:blank', 'Sign in', 401, 'Sign in first.', []));
    }
}

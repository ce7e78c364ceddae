<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Psr\Log\LoggerInterface;
use Symfony\Component\ErrorHandler\Error\FatalError;
use Symfony\Component\ErrorHandler\Error\OutOfMemoryError;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Validator\Exception\ValidationFailedException;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Shop\Designs\GivenUp;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Proofs\LinkClosed;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\DiskFull;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Records\StoreTrouble;
use Yelbo\Shop\Records\Unreachable;
use Yelbo\Trade\ProgramTrouble;
use Yelbo\Trade\Refused;
use Yelbo\Web\View\ConflictView;
use Yelbo\Web\View\FieldView;
use Yelbo\Web\View\ProblemView;

/** Every error leaves as application/problem+json with a sentence; never with a trace. */
final readonly class Problems
{
    private const MAYBE_KEPT = 'What you did may or may not have been kept: look at it before you do it again.';
    private const TOO_MUCH =
        'This takes longer to work out than Yelbo may take at the counter. Make it simpler: fewer words, a plainer '
        .'drawing, an outline with fewer corners.';

    public function __construct(private LoggerInterface $logger)
    {
    }

    /** After the firewall has turned what concerns it into its own answers. */
    #[AsEventListener(KernelEvents::EXCEPTION, priority: 0)]
    public function __invoke(ExceptionEvent $event): void
    {
        $fault = $event->getThrowable();
        $fault = StoreTrouble::behind($fault) ?? $fault;
        $problem = $this->problem($fault, $event->getRequest()->isMethodSafe());
        if ($problem->status >= 500) {
            $this->logger->critical('Unforeseen: '.$fault->getMessage(), ['exception' => $fault]);
        }
        $event->setResponse(self::response($problem));
    }

    public static function response(ProblemView $problem): JsonResponse
    {
        return new JsonResponse($problem, $problem->status, ['Content-Type' => 'application/problem+json']);
    }

    private function problem(\Throwable $fault, bool $isReading): ProblemView
    {
        $says = $fault->getMessage();

        return match (true) {
            $fault instanceof Refusals => self::fields($fault->fields, $says),
            $fault instanceof Refused => self::told('Not possible', self::ofRefusal($fault), $says),
            $fault instanceof Conflict => self::told('Changed meanwhile', 409, $says, ConflictView::from($fault)),
            $fault instanceof GivenUp => self::told('Given up', 409, $says),
            $fault instanceof NotFound => self::told('Not found', 404, $says),
            $fault instanceof LinkClosed => self::told('Not open any more', 410, $says),
            $fault instanceof Unreachable => self::told('Away', 503, $says.' '.self::whileAway($isReading)),
            $fault instanceof DiskFull => self::told('No room', 507, $says),
            self::isOverBudget($fault) || self::isTooMuch($fault) => self::told('Too much', 422, self::TOO_MUCH),
            $fault instanceof CutterTrouble => self::told('Cutter', 422, $says),
            $fault instanceof AccessDeniedException => self::told('Not allowed', 403, 'Only the owner may see this.'),
            $fault instanceof AuthenticationException => self::told('Sign in', 401, 'Sign in first.'),
            $fault instanceof HttpExceptionInterface => $this->http($fault),
            default => self::told('Fault', 500, self::ofFault($isReading)),
        };
    }

    private static function told(string $title, int $status, string $says, ?ConflictView $conflict = null): ProblemView
    {
        return new ProblemView('about:blank', $title, $status, $says, [], $conflict);
    }

    /** A move that others made impossible meanwhile is a conflict. */
    private static function ofRefusal(Refused $refused): int
    {
        return \in_array($refused->reason, ['illegal-move', 'outdated-proof'], true) ? 409 : 422;
    }

    private static function whileAway(bool $isReading): string
    {
        return $isReading ? 'It is tried again by itself.' : self::MAYBE_KEPT;
    }

    private static function ofFault(bool $isReading): string
    {
        return $isReading
            ? 'Something in Yelbo broke. Nothing was changed. Try again; if it stays, tell the owner the time.'
            : 'Something in Yelbo broke. '.self::MAYBE_KEPT.' If it stays, tell the owner the time.';
    }

    /** PHP ended it for its time or its memory. */
    private static function isTooMuch(\Throwable $fault): bool
    {
        return $fault instanceof ProgramTrouble && $fault->isTooMuch;
    }

    private static function isOverBudget(\Throwable $fault): bool
    {
        return $fault instanceof OutOfMemoryError
            || ($fault instanceof FatalError && str_contains($fault->getMessage(), 'Maximum execution time'));
    }

    private function http(HttpExceptionInterface $fault): ProblemView
    {
        $invalid = $fault->getPrevious();
        if ($invalid instanceof ValidationFailedException) {
            $fields = [];
            foreach ($invalid->getViolations() as $violation) {
                $fields[
                    preg_replace('~^answers\.~', '', $violation->getPropertyPath()) ?? ''
                ] ??= (string) $violation->getMessage();
            }

            return self::fields($fields, 'Some answers need another look.');
        }

        return new ProblemView(
            'about:blank',
            'Not possible',
            $fault->getStatusCode(),
            match ($fault->getStatusCode()) {
                403 => $fault->getPrevious() instanceof AccessDeniedException
                    ? 'Only the owner may see this.'
                    : $fault->getMessage(),
                404 => 'There is nothing here.',
                405 => 'This cannot be done here.',
                401 => 'Sign in first.',
                413 => 'This is more than Yelbo takes in one go. Make it fewer, or do it in several goes.',
                default => 'The page sent something Yelbo cannot read. Load it again.',
            },
            [],
        );
    }

    /** @param array<string, string> $fields */
    private static function fields(array $fields, string $detail): ProblemView
    {
        return new ProblemView(
            'about:blank',
            'Look again',
            422,
            $detail,
            array_map(
                static fn (string $field, string $says): FieldView => new FieldView($field, $says),
                array_keys($fields),
                array_values($fields),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support\Browsers;

use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\HttpCommandExecutor;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\WebDriverCommand;
use Facebook\WebDriver\Remote\WebDriverResponse;
use RuntimeException;

/**
 * WebDriver commands in Firefox's own protocol: JSON over a socket, each message with its length before it
 * (firefox-source-docs, "Marionette protocol", level 3).
 */
final class Marionette extends HttpCommandExecutor
{
    /** Commands whose name or parameters differ; the others are called as the standard calls them. */
    private const NAMES = [
        DriverCommand::NEW_SESSION => 'NewSession',
        DriverCommand::GET => 'Navigate',
        DriverCommand::GO_BACK => 'Back',
        DriverCommand::GO_FORWARD => 'Forward',
        DriverCommand::REFRESH => 'Refresh',
        DriverCommand::CLOSE => 'CloseWindow',
        DriverCommand::GET_CURRENT_URL => 'GetCurrentURL',
        DriverCommand::FIND_CHILD_ELEMENT => 'FindElement',
        DriverCommand::FIND_CHILD_ELEMENTS => 'FindElements',
        DriverCommand::CLICK_ELEMENT => 'ElementClick',
        DriverCommand::CLEAR_ELEMENT => 'ElementClear',
        DriverCommand::SEND_KEYS_TO_ELEMENT => 'ElementSendKeys',
        DriverCommand::GET_ELEMENT_VALUE_OF_CSS_PROPERTY => 'GetElementCSSValue',
        DriverCommand::GET_ELEMENT_LOCATION => 'GetElementRect',
        DriverCommand::GET_ELEMENT_SIZE => 'GetElementRect',
        DriverCommand::SET_WINDOW_SIZE => 'SetWindowRect',
        DriverCommand::SET_WINDOW_POSITION => 'SetWindowRect',
        DriverCommand::GET_WINDOW_SIZE => 'GetWindowRect',
        DriverCommand::SCREENSHOT => 'TakeScreenshot',
        DriverCommand::ACTIONS => 'PerformActions',
        // The only one that is sent by its address: what Browser::perform() does.
        DriverCommand::CUSTOM_COMMAND => 'PerformActions',
        DriverCommand::GET_ALL_COOKIES => 'GetCookies',
        DriverCommand::GET_CURRENT_WINDOW_HANDLE => 'GetWindowHandle',
        DriverCommand::SET_SCRIPT_TIMEOUT => 'SetTimeouts',
        DriverCommand::IMPLICITLY_WAIT => 'SetTimeouts',
        DriverCommand::SET_TIMEOUT => 'SetTimeouts',
    ];

    private int $number = 0;

    /** @param  resource  $socket */
    private function __construct(private $socket)
    {
    }

    /** Begins a session with a Firefox that is starting on this port. */
    public static function session(int $port): RemoteWebDriver
    {
        $executor = new self(self::connected($port));
        $executor->read();
        $command = WebDriverCommand::newSession(['capabilities' => ['alwaysMatch' => ['acceptInsecureCerts' => true]]]);
        $begun = $executor->execute($command);

        $session = (string) $begun->getSessionID();

        return new class($executor, $session, new DesiredCapabilities, true) extends RemoteWebDriver
        {
            public function __construct(
                HttpCommandExecutor $executor, string $session, DesiredCapabilities $capabilities, bool $isStandard,
            ) {
                parent::__construct($executor, $session, $capabilities, $isStandard);
            }
        };
    }

    public function execute(WebDriverCommand $command): WebDriverResponse
    {
        $name = self::NAMES[$command->getName()] ?? ucfirst($command->getName());
        // An ended session alone would leave the program running.
        $called = $command->getName() === DriverCommand::QUIT ? 'Marionette:Quit' : "WebDriver:{$name}";
        $this->write([0, ++$this->number, $called, (object) $this->parameters($command)]);
        [, , $error, $result] = $this->read();
        if ($error !== null) {
            WebDriverException::throwException(
                (string) $error['error'], (string) $error['message'], ['value' => $error],
            );
        }
        $isWrapped = is_array($result) && array_key_exists('value', $result) && count($result) === 1;

        $response = new WebDriverResponse($result['sessionId'] ?? $command->getSessionID());

        return $response->setStatus(0)->setValue($isWrapped ? $result['value'] : $result);
    }

    /** @return array<string, mixed> */
    private function parameters(WebDriverCommand $command): array
    {
        $given = $command->getParameters();
        $parameters = array_combine(
            array_map(static fn (string $name): string => ltrim($name, ':'), array_keys($given)), $given,
        );

        return match ($command->getName()) {
            DriverCommand::FIND_CHILD_ELEMENT,
            DriverCommand::FIND_CHILD_ELEMENTS => ['element' => $parameters['id']] + $parameters,
            DriverCommand::SCREENSHOT => ['full' => false],
            DriverCommand::NEW_SESSION => $parameters['capabilities']['alwaysMatch'],
            DriverCommand::QUIT => ['flags' => ['eForceQuit']],
            DriverCommand::DELETE_COOKIE => ['name' => $parameters['name']],
            default => $parameters,
        };
    }

    /** @param  list<mixed>  $message */
    private function write(array $message): void
    {
        $text = (string) json_encode($message, JSON_THROW_ON_ERROR);
        fwrite($this->socket, strlen($text).':'.$text);
    }

    /** @return array<array-key, mixed> */
    private function read(): array
    {
        $length = (int) stream_get_line($this->socket, 20, ':');
        $text = '';
        while (strlen($text) < $length) {
            $part = fread($this->socket, max(1, $length - strlen($text)));
            if ($part === false || $part === '') {
                throw new RuntimeException('Firefox has gone.');
            }
            $text .= $part;
        }

        return (array) json_decode($text, true);
    }

    /** @return resource */
    private static function connected(int $port)
    {
        for ($wait = 0; $wait < 400 && ! Programs::listensOn($port); $wait++) {
            usleep(50_000);
        }
        $socket = stream_socket_client("tcp://127.0.0.1:{$port}", $code, $why, 1);
        if ($socket !== false) {
            stream_set_timeout($socket, 90);

            return $socket;
        }

        throw new RuntimeException('Firefox did not answer.');
    }
}

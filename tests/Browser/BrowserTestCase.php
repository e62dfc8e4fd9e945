<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Documents\DocumentGate;
use App\Kit\Pointers;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Encryption\Encrypter;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Tests through the running application in Chromium; each has an account of its own, gone afterwards. */
abstract class BrowserTestCase extends TestCase
{
    private const PASSWORD = 'a good password';

    protected ?User $user = null;

    private ?Page $page = null;

    protected function tearDown(): void
    {
        $this->page?->close();
        $this->page = null;
        $this->user?->delete();
        parent::tearDown();
    }

    public function page(int $width = 1280, int $height = 800, ?string $server = null): Page
    {
        return $this->page ??= Page::open($width, $height, $server);
    }

    /** The same browser, shut and opened again. */
    public function restarted(int $width, int $height): Page
    {
        return $this->page = $this->page()->restarted($width, $height);
    }

    /** A new account with some of the example rushes, signed in. */
    public function signedIn(string ...$examples): Page
    {
        return $this->signIn($this->page(), ...$examples);
    }

    public function signIn(Page $page, string ...$examples): Page
    {
        return $this->enter($page, $this->account(...$examples));
    }

    /** Comes in with a session of the person, as if they had signed in before; begins at their rushes. */
    public function enter(Page $page, User $user): Page
    {
        $guard = Auth::guard('web');
        assert($guard instanceof SessionGuard);
        $name = (string) config('session.cookie');
        $session = new Store($name, new DatabaseSessionHandler(DB::connection(), 'sessions', 120, app()));
        $session->put($guard->getName(), $user->getAuthIdentifier());
        $session->put(User::SESSION_KEY, $user->session_key);
        $session->regenerateToken();
        $session->save();
        $encrypter = app(Encrypter::class);

        return $page->carries(
            $name,
            $encrypter->encrypt(CookieValuePrefix::create($name, $encrypter->getKey()).$session->getId(), false),
            '/rushes',
        );
    }

    public function account(string ...$examples): User
    {
        $this->user = $this->person(self::PASSWORD);
        foreach ($examples as $example) {
            $json = (string) file_get_contents(base_path("formats/examples/$example.json"));
            $this->user
                ->rushes()
                ->create([
                    'document' => Pointers::found(
                        app(DocumentGate::class)->rush(DocumentGate::decode($json))->fields,
                        $this->user,
                    ),
                ]);
        }

        return $this->user;
    }

    public function saved(string $name): SavedRush
    {
        return SavedRush::query()->where('user_id', $this->user?->id)->where('name', $name)->firstOrFail();
    }
}

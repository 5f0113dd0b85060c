<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Document;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The papers of a machine. */
final class DocumentTest extends TestCase
{
    private const PDF = "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n";

    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley']);
        $this->actingAs($this->user);
    }

    /** A real file: the framework's fake ones are taken for what they are called. */
    private function file(string $name, string $content): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($path, $content);
        $this->beforeApplicationDestroyed(static fn () => @unlink($path));

        return new UploadedFile($path, $name, test: true);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(?UploadedFile $file, string $kind = 'manual', ?string $id = null): TestResponse
    {
        return $this->post("/machines/{$this->machine->id}/documents", ['id' => $id ?? $this->ulid(), 'kind' => $kind, 'file' => $file]);
    }

    public function test_a_paper_comes_back_byte_for_byte_as_a_file_to_save_and_can_be_removed(): void
    {
        $this->send($this->file('Manual <b>.pdf', self::PDF))
            ->assertRedirect("/machines/{$this->machine->id}/parts")
            ->assertSessionHasNoErrors();
        $document = Document::query()->firstOrFail();
        $this->get("/machines/{$this->machine->id}/parts")->assertSee('Manual <b>.pdf')->assertSee("/documents/$document->id");
        $answer = $this->get("/documents/$document->id")->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertStringStartsWith('attachment', (string) $answer->headers->get('Content-Disposition'));
        self::assertSame(self::PDF, $answer->streamedContent());
        self::assertSame('0600', substr(sprintf('%o', fileperms($document->path())), -4));

        $this->delete("/documents/$document->id")->assertRedirect("/machines/{$this->machine->id}/parts");
        self::assertFileDoesNotExist($document->path());
        $this->get("/documents/$document->id")->assertNotFound();
    }

    public function test_a_file_may_be_called_anything(): void
    {
        foreach (['½ 100%.pdf', '../../\\etc\\passwd', "two\r\nlines\x00.pdf", "\xff\xfe.pdf", 'Ångström ⁄.pdf', ' '] as $name) {
            $this->send($this->file($name, self::PDF))->assertSessionHasNoErrors();
            $document = Document::query()->latest('id')->firstOrFail();
            $answer = $this->get("/documents/$document->id")->assertOk();
            self::assertStringStartsWith('attachment', (string) $answer->headers->get('Content-Disposition'));
            self::assertStringStartsWith(realpath(config()->string('good-rinse.photos')) ?: '!', (string) realpath($document->path()));
        }
        $this->get("/machines/{$this->machine->id}/parts")->assertOk()->assertSee('½ 100%.pdf');
        self::assertSame(6, Document::query()->count());
    }

    public function test_what_is_sent_twice_is_kept_once(): void
    {
        $id = $this->ulid();
        $this->send(UploadedFile::fake()->image('receipt.jpg', 30, 30), 'receipt', $id);
        $this->send(UploadedFile::fake()->image('receipt.jpg', 30, 30), 'receipt', $id)->assertSessionHasNoErrors();
        self::assertSame(1, Document::query()->count());
    }

    public function test_what_is_no_paper_is_refused_in_words_whatever_it_is_called(): void
    {
        $parts = "/machines/{$this->machine->id}/parts";
        $this->from($parts);
        $this->send($this->file('manual.pdf', '<script>alert(1)</script>'))
            ->assertSessionHasErrors(['file' => __('machines.document_sort')]);
        $this->send(UploadedFile::fake()->create('manual.pdf', 12_001, 'application/pdf'))
            ->assertSessionHasErrors(['file' => __('machines.document_big')]);
        $this->send(null)->assertSessionHasErrors(['file' => __('machines.document_none')]);
        $this->send(UploadedFile::fake()->image('a.png', 9, 9), 'poem')->assertSessionHasErrors('kind');
        self::assertSame(0, Document::query()->count());
    }
}

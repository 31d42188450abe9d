<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A game that somebody brings as a file. */
final class PackageRequest extends FormRequest
{
    /** Kilobytes at most: as much as the pictures of one game may take, and its document. */
    private const LARGEST = 108_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['package' => ['required', 'file', 'max:'.self::LARGEST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'package.required' => (string) __('packages.refused.none'),
            'package.file' => (string) __('packages.refused.none'),
            'package.uploaded' => (string) __('packages.refused.lost'),
            'package.max' => (string) __('packages.refused.large', ['most' => intdiv(self::LARGEST, 1000)]),
        ];
    }

    /** Where the file lies until the request ends. */
    public function packagePath(): string
    {
        $file = $this->file('package');

        return $file instanceof UploadedFile ? $file->getPathname() : '';
    }
}

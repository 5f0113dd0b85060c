<x-layout title="Blank"></x-layout>

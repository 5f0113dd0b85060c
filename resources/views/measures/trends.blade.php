<x-layout title="x" place="kitchen"><h1>x</h1></x-layout>

@props(['of'])
<template data-words>@json(__("places/scripts.$of"))</template>

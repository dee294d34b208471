@props(['row'])
<input type="hidden" name="kitchen" value="{{ $row->id }}"><input type="hidden" name="version" value="{{ $row->version }}">
